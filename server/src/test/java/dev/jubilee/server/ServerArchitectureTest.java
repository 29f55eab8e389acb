package dev.jubilee.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.hibernate.annotations.TenantId;
import org.junit.jupiter.api.Test;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Controllers speak HTTP and nothing else; every row is of one club; Hibernate asks for it. */
class ServerArchitectureTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("dev.jubilee.server");

  /** Rows of the server itself, and those whose key is the club's. */
  private static final Set<String> OF_NO_CLUB =
      Set.of("Club", "SignInAttemptRow", "ClubZonesRow", "OwnChangeoverRow");

  @Test
  void controllersSeeNoRepositoriesAndNoJson() {
    noClasses()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .areAssignableTo(Repository.class)
        .orShould()
        .dependOnClassesThat()
        .resideInAnyPackage("tools.jackson..", "dev.jubilee.server.json..")
        .because("what they need is a use case of a service")
        .allowEmptyShould(false)
        .check(CLASSES);
  }

  @Test
  void everyRowOfAClubIsScopedByItsMapping() throws ClassNotFoundException {
    List<String> unscoped = new ArrayList<>();
    for (var known : CLASSES) {
      Class<?> type = Class.forName(known.getName());
      if (type.isAnnotationPresent(Entity.class)
          && !OF_NO_CLUB.contains(type.getSimpleName())
          && !isScoped(type)) {
        unscoped.add(type.getSimpleName());
      }
    }
    assertThat(unscoped).isEmpty();
  }

  private static boolean isScoped(Class<?> type) {
    for (Class<?> c = type; c != null; c = c.getSuperclass()) {
      if (Arrays.stream(c.getDeclaredFields())
          .anyMatch(f -> f.isAnnotationPresent(TenantId.class))) {
        return true;
      }
    }
    return false;
  }

  @Test
  void nativeSqlStaysInOnePackage() {
    noClasses()
        .that()
        .resideOutsideOfPackages(
            "dev.jubilee.server.postgres..",
            "dev.jubilee.server.tenant..",
            "dev.jubilee.server.live..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework.jdbc.core..", "jakarta.persistence.criteria..")
        .orShould()
        .callMethod(EntityManager.class, "createNativeQuery", String.class)
        .because("what PostgreSQL alone can do is there, and nothing else needs it")
        .check(CLASSES);
  }

  @Test
  void whatTimeItIsIsAskedOfOneClock() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName(JubileeApplication.class.getName())
        .should()
        .callMethod(Clock.class, "systemUTC")
        .orShould()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(LocalDate.class, "now", ZoneId.class)
        .orShould()
        .callMethod(LocalDateTime.class, "now", ZoneId.class)
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .because("any day is to be testable")
        .check(CLASSES);
  }

  @Test
  void queriesOfRepositoriesAreHibernates() throws ClassNotFoundException {
    List<String> nativeQueries = new ArrayList<>();
    for (var known : CLASSES) {
      Class<?> type = Class.forName(known.getName());
      if (Repository.class.isAssignableFrom(type)) {
        Arrays.stream(type.getDeclaredMethods())
            .filter(m -> m.isAnnotationPresent(Query.class))
            .filter(m -> m.getAnnotation(Query.class).nativeQuery())
            .forEach(m -> nativeQueries.add(type.getSimpleName() + "." + m.getName()));
      }
    }
    assertThat(nativeQueries).isEmpty();
  }
}
