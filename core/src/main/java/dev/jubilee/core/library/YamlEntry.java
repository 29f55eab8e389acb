package dev.jubilee.core.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.ReaderException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/** A mapping in a YAML file that knows its line, so that each fault can be pointed at. */
final class YamlEntry {
  private final String file;
  private final int line;
  private final String name;
  private final Map<String, Node> values = new LinkedHashMap<>();
  private final List<String> faults;

  private YamlEntry(String file, MappingNode node, String name, List<String> faults) {
    this.file = file;
    this.line = lineOf(node);
    this.faults = faults;
    for (NodeTuple tuple : node.getValue()) {
      if (tuple.getKeyNode() instanceof ScalarNode key) {
        values.put(key.getValue(), tuple.getValueNode());
      } else {
        faults.add(file + ":" + lineOf(tuple.getKeyNode()) + ": expected the name of a field");
      }
    }
    this.name = name.isEmpty() ? textOr("id", "") : name;
    values.forEach(this::checkCharacters);
  }

  static List<YamlEntry> sequence(String file, String yaml, List<String> faults) {
    List<YamlEntry> entries = new ArrayList<>();
    try {
      Node root =
          new Compose(LoadSettings.builder().setLabel(file).build())
              .composeString(yaml)
              .orElse(null);
      if (!(root instanceof SequenceNode sequence)) {
        faults.add(file + ":1: expected a list of drills");
        return entries;
      }
      for (Node node : sequence.getValue()) {
        if (node instanceof MappingNode mapping) {
          entries.add(new YamlEntry(file, mapping, "", faults));
        } else {
          faults.add(file + ":" + lineOf(node) + ": expected a drill");
        }
      }
    } catch (MarkedYamlEngineException e) {
      int at = e.getProblemMark().map(m -> m.getLine() + 1).orElse(1);
      faults.add(file + ":" + at + ": " + e.getProblem());
    } catch (ReaderException e) {
      long at = yaml.codePoints().limit(e.getPosition()).filter(c -> c == '\n').count() + 1;
      faults.add(
          String.format(
              Locale.ROOT,
              "%s:%d: expected characters that can be shown, found U+%04X",
              file,
              at,
              e.getCodePoint()));
    } catch (YamlEngineException e) {
      faults.add(file + ":1: " + e.getMessage());
    }
    return entries;
  }

  /** What cannot be shown cannot be read again either. */
  private void checkCharacters(String field, Node node) {
    if (node instanceof ScalarNode scalar) {
      scalar
          .getValue()
          .codePoints()
          .filter(c -> !isShown(c))
          .findFirst()
          .ifPresent(
              c ->
                  faults.add(
                      at()
                          + " line "
                          + lineOf(node)
                          + ", "
                          + field
                          + ": expected characters that can be shown, found U+"
                          + String.format(Locale.ROOT, "%04X", c)));
    } else if (node instanceof SequenceNode sequence) {
      sequence.getValue().forEach(value -> checkCharacters(field, value));
    }
  }

  private static boolean isShown(int codePoint) {
    return switch (codePoint) {
      case '\t', '\n', '\r' -> true;
      // A byte order mark, and what Unicode says is no character.
      case 0xFEFF, 0xFFFE, 0xFFFF -> false;
      default ->
          switch (Character.getType(codePoint)) {
            case Character.CONTROL,
                Character.SURROGATE,
                Character.LINE_SEPARATOR,
                Character.PARAGRAPH_SEPARATOR ->
                false;
            default -> true;
          };
    };
  }

  /** Where the entry starts and what it is called, as faults begin. */
  String at() {
    return file + ":" + line + " (" + name + ")";
  }

  void fault(String field, String what) {
    int at = values.containsKey(field) ? lineOf(values.get(field)) : line;
    faults.add(at() + " line " + at + ", " + field + ": " + what);
  }

  Set<String> fields() {
    return values.keySet();
  }

  boolean has(String field) {
    return values.containsKey(field);
  }

  String text(String field) {
    String text = textOr(field, "");
    if (text.isBlank()) {
      fault(field, "is missing");
    }
    return text;
  }

  String textOr(String field, String otherwise) {
    return values.get(field) instanceof ScalarNode scalar ? scalar.getValue() : otherwise;
  }

  List<String> texts(String field) {
    List<String> texts = new ArrayList<>();
    if (values.get(field) instanceof SequenceNode sequence) {
      for (Node node : sequence.getValue()) {
        if (node instanceof ScalarNode scalar) {
          texts.add(scalar.getValue());
        } else {
          fault(field, "expected plain words");
        }
      }
    }
    return texts;
  }

  boolean flag(String field) {
    return textOr(field, "false").equals("true");
  }

  double number(String field, double min, double max) {
    return toNumber(field, text(field), min, max);
  }

  double numberOr(String field, double otherwise, double min, double max) {
    return has(field) ? number(field, min, max) : otherwise;
  }

  private double toNumber(String field, String text, double min, double max) {
    try {
      double value = Double.parseDouble(text);
      if (value < min || value > max) {
        fault(field, "expected " + min + " to " + max + ", found " + text);
        return min;
      }
      return value;
    } catch (NumberFormatException e) {
      fault(field, "expected a number, found '" + text + "'");
      return min;
    }
  }

  /** A mapping of names to numbers. */
  Map<String, Double> numbers(String field) {
    Map<String, Double> numbers = new LinkedHashMap<>();
    YamlEntry child = has(field) ? child(field) : null;
    if (child != null) {
      child.fields().forEach(key -> numbers.put(key, child.number(key, 0, 1000)));
    }
    return numbers;
  }

  int[] range(String field) {
    List<String> texts = texts(field);
    if (texts.size() != 2) {
      fault(field, "expected [least, most]");
      return new int[] {1, 1};
    }
    int least = (int) toNumber(field, texts.get(0), 1, 3600);
    int most = (int) toNumber(field, texts.get(1), 1, 3600);
    if (most < least) {
      fault(field, "expected the least first");
    }
    return new int[] {least, most};
  }

  YamlEntry child(String field) {
    if (values.get(field) instanceof MappingNode mapping) {
      YamlEntry child = new YamlEntry(file, mapping, name, faults);
      return child;
    }
    fault(field, "is missing or not a mapping");
    return null;
  }

  <E extends Enum<E>> E choice(String field, Class<E> type) {
    return choiceOf(field, text(field), type);
  }

  <E extends Enum<E>> E choiceOr(String field, Class<E> type, E otherwise) {
    return has(field) ? choice(field, type) : otherwise;
  }

  <E extends Enum<E>> List<E> choices(String field, Class<E> type) {
    List<E> choices = new ArrayList<>();
    for (String text : texts(field)) {
      E choice = choiceOf(field, text, type);
      if (choice != null) {
        choices.add(choice);
      }
    }
    return choices;
  }

  <E extends Enum<E>> E choiceOf(String field, String text, Class<E> type) {
    for (E constant : type.getEnumConstants()) {
      if (constant.name().equals(text.toUpperCase(Locale.ROOT).replace('-', '_'))) {
        return constant;
      }
    }
    List<String> known = new ArrayList<>();
    for (E constant : type.getEnumConstants()) {
      known.add(constant.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }
    fault(field, "unknown '" + text + "', expected one of " + known);
    return null;
  }

  private static int lineOf(Node node) {
    return node.getStartMark().map(m -> m.getLine() + 1).orElse(0);
  }
}
