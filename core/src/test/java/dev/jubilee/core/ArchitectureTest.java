package dev.jubilee.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The borders of core. */
@AnalyzeClasses(packages = "dev.jubilee.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule knowsNobody =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "java..",
              "dev.jubilee.core..",
              "org.snakeyaml.engine..",
              "com.networknt.schema..",
              "tools.jackson.databind..",
              "org.apache.commons.statistics.distribution..",
              "org.apache.commons.text.similarity..");

  @ArchTest
  static final ArchRule onlyTheLibraryReadsFiles =
      noClasses()
          .that()
          .resideOutsideOfPackage("dev.jubilee.core.library")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.snakeyaml..", "com.networknt..", "tools.jackson..");

  @ArchTest
  static final ArchRule noClockAndNoChance =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveNameMatching(
              "java\\.time\\.Clock|java\\.util\\.Random|java\\.lang\\.Thread"
                  + "|java\\.util\\.concurrent\\.ThreadLocalRandom")
          .orShould()
          .callMethodWhere(
              describe(
                  "reads a clock or rolls dice",
                  call ->
                      call.getTarget()
                          .getFullName()
                          .matches(
                              "java\\.time\\.[A-Za-z]+\\.now\\(.*"
                                  + "|java\\.lang\\.System\\.(nanoTime|currentTimeMillis)\\(.*"
                                  + "|java\\.lang\\.Math\\.random\\(.*")));
}
