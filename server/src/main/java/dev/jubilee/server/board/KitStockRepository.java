package dev.jubilee.server.board;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitStockRepository extends JpaRepository<KitStockRow, KitStockRow.Key> {
  /** All kit together: changes with each count. */
  @Query("select coalesce(sum(k.count), 0) from KitStockRow k")
  long sumOfCounts();
}
