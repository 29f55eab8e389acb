package dev.jubilee.server.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import jakarta.persistence.Entity;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Every form in which something lies in the database as JSON, field by field, against what was kept
 * of it. Whoever changes one sees it here: a field may be added, and is null in what is older; for
 * anything else there is a new version beside the old one.
 */
class StoredFormsTest {
  private static final String KEPT = "/stored/forms.txt";

  /** Forms of columns that an entity holds as text, which whoever reads them knows. */
  private static final List<String> READ_BY_SERVICES =
      List.of(
          "dev.jubilee.server.athlete.stored.AthleteV1",
          "dev.jubilee.server.athlete.PhysiqueV1",
          "dev.jubilee.server.session.stored.SessionV1",
          "dev.jubilee.server.block.stored.BlockV1",
          "dev.jubilee.server.block.stored.AthleteWeeksV1",
          "dev.jubilee.server.block.stored.WarmUpsV1",
          "dev.jubilee.server.prescription.stored.SnapshotV1",
          "dev.jubilee.server.prescription.stored.OutcomeV1",
          "dev.jubilee.server.prescription.Sketch",
          "dev.jubilee.server.routine.RoutineV1",
          "dev.jubilee.server.zone.stored.ZonesV1");

  private final Map<String, String> forms = new TreeMap<>();

  @Test
  void everyFormIsAsItWasKept() throws Exception {
    for (String name : READ_BY_SERVICES) {
      describe(Class.forName(name));
    }
    for (Class<?> entity : entities()) {
      for (Field field : entity.getDeclaredFields()) {
        boolean isOurs = field.getType().getName().startsWith("dev.jubilee.");
        if (isOurs && !Modifier.isStatic(field.getModifiers()) && isJson(field)) {
          describe(field.getGenericType());
        }
      }
    }
    List<String> now =
        forms.entrySet().stream().map(e -> e.getKey() + ": " + e.getValue()).toList();
    Path seen = Path.of("target", "forms.txt");
    Files.write(seen, now);
    assertThat(now)
        .as("a form has changed; if what is older can still be read, keep %s", seen)
        .isEqualTo(kept());
  }

  private static boolean isJson(Field field) {
    return Arrays.stream(field.getAnnotations())
        .anyMatch(a -> a.annotationType().getSimpleName().equals("JdbcTypeCode"));
  }

  private static List<Class<?>> entities() throws IOException, ClassNotFoundException {
    Path root = Path.of("target", "classes");
    try (Stream<Path> files = Files.walk(root)) {
      List<Class<?>> entities = new java.util.ArrayList<>();
      for (Path file : files.filter(f -> f.toString().endsWith("Row.class")).sorted().toList()) {
        String name = root.relativize(file).toString().replace('/', '.');
        Class<?> type = Class.forName(name.substring(0, name.length() - ".class".length()));
        if (type.isAnnotationPresent(Entity.class)) {
          entities.add(type);
        }
      }
      assertThat(entities).hasSizeGreaterThan(30);
      return entities;
    }
  }

  /** Notes the form of a type and of all that it holds; gives what it is called. */
  private String describe(Type type) {
    if (type instanceof ParameterizedType generic) {
      String of =
          Arrays.stream(generic.getActualTypeArguments())
              .map(this::describe)
              .collect(Collectors.joining(", "));
      return describe(generic.getRawType()) + "<" + of + ">";
    }
    Class<?> raw = (Class<?>) type;
    String name = raw.getName().substring(raw.getName().lastIndexOf('.') + 1);
    if (!raw.getName().startsWith("dev.jubilee.") || forms.containsKey(name)) {
      return name;
    }
    forms.put(name, "");
    if (raw.isRecord() && raw.getName().startsWith("dev.jubilee.server.")) {
      assertThat(name).as("nothing of the API is stored").matches("(\\w+V1|Sketch)(\\$\\w+)?");
    }
    JsonSubTypes kinds = raw.getAnnotation(JsonSubTypes.class);
    if (raw.isEnum()) {
      forms.put(name, Arrays.toString(raw.getEnumConstants()));
    } else if (kinds != null) {
      forms.put(
          name,
          Arrays.stream(kinds.value())
              .map(k -> k.name() + " " + describe(k.value()))
              .sorted()
              .collect(Collectors.joining(" | ")));
    } else if (raw.isRecord()) {
      forms.put(
          name,
          Arrays.stream(raw.getRecordComponents())
              .filter(c -> !c.getAccessor().isAnnotationPresent(JsonIgnore.class))
              .sorted((a, b) -> a.getName().compareTo(b.getName()))
              .map((RecordComponent c) -> c.getName() + " " + describe(c.getGenericType()))
              .collect(Collectors.joining(", ")));
    }
    return name;
  }

  private static List<String> kept() throws IOException {
    try (InputStream in = StoredFormsTest.class.getResourceAsStream(KEPT)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }
}
