package dev.jubilee.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

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
  static final ArchRule packagesFormNoCycle =
      slices().matching("dev.jubilee.core.(*)..").should().beFreeOfCycles();

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

  /**
   * Pairs of classes that may know each other: a sealed type and what speaks of it, or a value and
   * the one that finds it.
   */
  private static final Set<String> CIRCLES =
      Set.of(
          // An edit says what the editor does; the editor computes anew for some of them.
          "edit.Edit edit.PlanEditor",
          // What is prescribed tells how it differs from the one before.
          "block.BlockPrescriber block.Prescribed",
          // Two halves of one dynamic programme.
          "choice.ChangeoverCosts choice.SetUpSequencer",
          // A line is put together while sets embedded in it are looked for.
          "shorthand.EmbeddedSets shorthand.LineBuilder");

  /** No circles inside packages either; nested classes count as their own outermost class. */
  @ArchTest
  static void classesOfAPackageFormNoCircle(JavaClasses classes) {
    Map<String, Set<String>> uses = new TreeMap<>();
    for (JavaClass from : classes) {
      for (Dependency dependency : from.getDirectDependenciesFromSelf()) {
        String a = outermost(from);
        String b = outermost(dependency.getTargetClass().getBaseComponentType());
        if (!a.equals(b) && packageOf(a).equals(packageOf(b)) && !isGenerated(a, b)) {
          uses.computeIfAbsent(a, k -> new TreeSet<>()).add(b);
        }
      }
    }
    Set<String> circles = new TreeSet<>();
    for (String start : uses.keySet()) {
      Set<String> reached = new TreeSet<>();
      Deque<String> open = new ArrayDeque<>(uses.get(start));
      while (!open.isEmpty()) {
        String next = open.pop();
        if (reached.add(next)) {
          open.addAll(uses.getOrDefault(next, Set.of()));
        }
      }
      if (reached.contains(start)) {
        Set<String> circle = new TreeSet<>();
        for (String other : reached) {
          if (reaches(uses, other, start)) {
            circle.add(other.substring("dev.jubilee.core.".length()));
          }
        }
        circles.add(String.join(" ", circle));
      }
    }
    assertThat(circles).isEqualTo(new TreeSet<>(CIRCLES));
  }

  private static boolean reaches(Map<String, Set<String>> uses, String from, String to) {
    Set<String> reached = new TreeSet<>();
    Deque<String> open = new ArrayDeque<>(uses.getOrDefault(from, Set.of()));
    while (!open.isEmpty()) {
      String next = open.pop();
      if (reached.add(next)) {
        open.addAll(uses.getOrDefault(next, Set.of()));
      }
    }
    return reached.contains(to);
  }

  private static boolean isGenerated(String a, String b) {
    return isBuilderOf(a, b) || isBuilderOf(b, a);
  }

  private static boolean isBuilderOf(String builder, String type) {
    return builder.equals(type + "Builder");
  }

  private static String outermost(JavaClass type) {
    String name = type.getName();
    int nested = name.indexOf('$');
    return nested < 0 ? name : name.substring(0, nested);
  }

  private static String packageOf(String name) {
    return name.contains(".") ? name.substring(0, name.lastIndexOf('.')) : "";
  }
}
