package dev.jubilee.server.drill;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnTimeRepository extends JpaRepository<OwnTimeRow, String> {
  /** Asked with every library; as a query of its own it is prepared once. */
  @Query("select t from OwnTimeRow t order by t.drill")
  List<OwnTimeRow> all();
}
