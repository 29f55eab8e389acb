package dev.jubilee.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

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
              "org.apache.commons.text.similarity..");

  @ArchTest
  static final ArchRule onlyTheLibraryReadsYaml =
      noClasses()
          .that()
          .resideOutsideOfPackage("dev.jubilee.core.library")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.snakeyaml..");

  @ArchTest
  static final ArchRule packagesFormNoCycle =
      slices().matching("dev.jubilee.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule noClockAndNoChance =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveNameMatching("java\\.time\\.Clock|java\\.util\\.Random|java\\.lang\\.Thread");
}
