package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Neither packages nor types know each other in circles, as their sources tell it: in bytecode a
 * constant is a number and not whose it was.
 */
class CirclesTest {
  private static final String OURS = "dev.jubilee.";
  private static final Pattern NO_CODE =
      Pattern.compile(
          "/\\*.*?\\*/|//[^\n]*|\"\"\".*?\"\"\"|\"(?:\\\\.|[^\"\\\\\n])*\"", Pattern.DOTALL);
  private static final Pattern IMPORT =
      Pattern.compile("^import (?:static )?([\\w.]+);", Pattern.MULTILINE);
  private static final Pattern TYPE = Pattern.compile("(?<![.\\w])[A-Z]\\w*");

  /**
   * Pairs that may know each other: a sealed type and what speaks of it, or a value and the one
   * that finds it.
   */
  private static final Set<String> CIRCLES =
      Set.of(
          // An edit says what the editor does; the editor computes anew for some of them.
          "core.edit.Edit core.edit.PlanEditor",
          // What is prescribed tells how it differs from the one before.
          "core.block.BlockPrescriber core.block.Prescribed",
          // Two halves of one dynamic programme.
          "core.choice.ChangeoverCosts core.choice.SetUpSequencer",
          // A line is put together while sets embedded in it are looked for.
          "core.shorthand.EmbeddedSets core.shorthand.LineBuilder");

  @ParameterizedTest
  @ValueSource(strings = {"core", "server"})
  void typesFormNoCircleButTheNamed(String module) throws IOException {
    Set<String> allowed =
        CIRCLES.stream().filter(c -> c.startsWith(module + ".")).collect(Collectors.toSet());
    assertThat(circles(uses(module))).isEqualTo(allowed);
  }

  @ParameterizedTest
  @ValueSource(strings = {"core", "server"})
  void packagesFormNoCircle(String module) throws IOException {
    Map<String, Set<String>> packages = new TreeMap<>();
    uses(module)
        .forEach(
            (from, used) -> {
              Set<String> others = packages.computeIfAbsent(packageOf(from), p -> new TreeSet<>());
              used.stream().map(CirclesTest::packageOf).forEach(others::add);
              others.remove(packageOf(from));
            });
    assertThat(circles(packages)).isEmpty();
  }

  /** What each type of a module names of its own package or imports of the module. */
  private static Map<String, Set<String>> uses(String module) throws IOException {
    Map<String, String> sources = new TreeMap<>();
    Path root = Path.of("..", module, "src", "main", "java");
    try (Stream<Path> files = Files.walk(root)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        String name = root.relativize(file).toString().replace('/', '.');
        String type = name.substring(OURS.length(), name.length() - ".java".length());
        if (!type.endsWith("package-info")) {
          sources.put(type, NO_CODE.matcher(Files.readString(file)).replaceAll(" "));
        }
      }
    }
    assertThat(sources).hasSizeGreaterThan(200);
    Map<String, Set<String>> uses = new TreeMap<>();
    sources.forEach(
        (type, source) -> {
          Set<String> used = new TreeSet<>();
          for (String imported : matches(IMPORT, source, 1)) {
            String name = imported.startsWith(OURS) ? imported.substring(OURS.length()) : "";
            while (!name.isEmpty() && !sources.containsKey(name)) {
              name = packageOf(name);
            }
            used.add(name);
          }
          for (String word : matches(TYPE, IMPORT.matcher(source).replaceAll(""), 0)) {
            used.add(packageOf(type) + "." + word);
          }
          used.retainAll(sources.keySet());
          used.remove(type);
          uses.put(type, used);
        });
    return uses;
  }

  private static Collection<String> matches(Pattern pattern, String text, int group) {
    return pattern
        .matcher(text)
        .results()
        .map((MatchResult m) -> m.group(group))
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private static String packageOf(String name) {
    return name.substring(0, Math.max(0, name.lastIndexOf('.')));
  }

  /** Each circle as the names of its members, in order. */
  private static Set<String> circles(Map<String, Set<String>> uses) {
    Map<String, Set<String>> reached = new TreeMap<>();
    uses.keySet().forEach(from -> reached.put(from, reached(uses, from)));
    Set<String> circles = new TreeSet<>();
    reached.forEach(
        (from, all) -> {
          if (all.contains(from)) {
            circles.add(
                all.stream()
                    .filter(other -> reached.getOrDefault(other, Set.of()).contains(from))
                    .sorted()
                    .collect(Collectors.joining(" ")));
          }
        });
    return circles;
  }

  private static Set<String> reached(Map<String, Set<String>> uses, String from) {
    Set<String> reached = new HashSet<>();
    Deque<String> open = new ArrayDeque<>(uses.get(from));
    while (!open.isEmpty()) {
      String next = open.pop();
      if (reached.add(next)) {
        open.addAll(uses.getOrDefault(next, Set.of()));
      }
    }
    return reached;
  }
}
