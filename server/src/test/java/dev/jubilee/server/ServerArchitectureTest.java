package dev.jubilee.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;

/** Controllers speak HTTP and nothing else; every query is of one club. */
class ServerArchitectureTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("dev.jubilee.server");

  /** Queries that come before the club is known, or are for the server itself. */
  private static final Set<String> OF_NO_CLUB =
      Set.of(
          "CoachRepository.findByEmailAndRemovedAtIsNull",
          "OneTimeLinkRepository.findByTokenHashAndPurpose",
          "OneTimeLinkRepository.lock",
          "ShareLinkRepository.findByTokenHash",
          "BlockAthleteRepository.hold");

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
  void everyQueryTakesTheClub() throws ClassNotFoundException {
    List<String> without = new ArrayList<>();
    for (var known : CLASSES) {
      Class<?> type = Class.forName(known.getName());
      if (!type.isInterface() || !Repository.class.isAssignableFrom(type)) {
        continue;
      }
      for (Method method : type.getDeclaredMethods()) {
        boolean takesClub =
            Arrays.stream(method.getParameters()).anyMatch(p -> p.getName().equals("clubId"));
        String name = type.getSimpleName() + "." + method.getName();
        if (!method.isSynthetic() && !takesClub && !OF_NO_CLUB.contains(name)) {
          without.add(name);
        }
      }
    }
    assertThat(without).isEmpty();
  }
}
