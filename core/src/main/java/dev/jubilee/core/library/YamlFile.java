package dev.jubilee.core.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.constructor.StandardConstructor;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.ReaderException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/** A file in YAML, or JSON which is YAML too: its values, and the line that each stands in. */
final class YamlFile {
  private final String name;
  private final Node root;
  private final Object value;

  private YamlFile(String name, Node root, Object value) {
    this.name = name;
    this.root = root;
    this.value = value;
  }

  /**
   * Reads a file.
   *
   * @param name to show in faults
   * @param faults takes each fault
   * @return nothing if it cannot be read at all
   */
  static Optional<YamlFile> read(String name, String yaml, List<LibraryFault> faults) {
    // No drill needs to repeat another's lists, and aliases can make a small file a huge one.
    LoadSettings settings =
        LoadSettings.builder().setLabel(name).setMaxAliasesForCollections(0).build();
    try {
      Optional<Node> root = new Compose(settings).composeString(yaml);
      Object value = new StandardConstructor(settings).constructSingleDocument(root);
      YamlFile file = root.map(node -> new YamlFile(name, node, value)).orElse(null);
      if (file == null) {
        faults.add(LibraryFault.ofFile(name + ":1", "a list of drills"));
      }
      return Optional.ofNullable(file);
    } catch (MarkedYamlEngineException e) {
      int at = e.getProblemMark().map(m -> m.getLine() + 1).orElse(1);
      faults.add(LibraryFault.ofFile(name + ":" + at, "YAML or JSON; " + e.getProblem()));
    } catch (ReaderException e) {
      long at = yaml.codePoints().limit(e.getPosition()).filter(c -> c == '\n').count() + 1;
      faults.add(LibraryFault.ofFile(name + ":" + at, unshown(e.getCodePoint())));
    } catch (YamlEngineException e) {
      faults.add(LibraryFault.ofFile(name + ":1", "YAML or JSON; " + e.getMessage()));
    }
    return Optional.empty();
  }

  /** Lists, maps, texts, numbers and flags. */
  Object value() {
    return value;
  }

  String name() {
    return name;
  }

  /**
   * The line of a value, or of the nearest thing around it that is there.
   *
   * @param path names of fields and places in lists, from the outermost
   * @return 1 for the first
   */
  int line(List<Object> path) {
    Node node = root;
    for (Object step : path) {
      Node next = step instanceof Integer place ? at(node, place) : field(node, step.toString());
      if (next == null) {
        break;
      }
      node = next;
    }
    return lineOf(node);
  }

  /** Texts with characters that nobody sees: what cannot be shown cannot be read again either. */
  List<Departure> unshown() {
    List<Departure> found = new ArrayList<>();
    search(root, List.of(), found);
    return found;
  }

  private static void search(Node node, List<Object> path, List<Departure> found) {
    if (node instanceof ScalarNode scalar) {
      scalar
          .getValue()
          .codePoints()
          .filter(c -> !isShown(c))
          .findFirst()
          .ifPresent(c -> found.add(new Departure(path, unshown(c))));
    } else if (node instanceof SequenceNode sequence) {
      for (int i = 0; i < sequence.getValue().size(); i++) {
        search(sequence.getValue().get(i), longer(path, i), found);
      }
    } else if (node instanceof MappingNode mapping) {
      for (NodeTuple tuple : mapping.getValue()) {
        Object key = tuple.getKeyNode() instanceof ScalarNode k ? k.getValue() : "";
        search(tuple.getKeyNode(), longer(path, key), found);
        search(tuple.getValueNode(), longer(path, key), found);
      }
    }
  }

  private static List<Object> longer(List<Object> path, Object step) {
    List<Object> longer = new ArrayList<>(path);
    longer.add(step);
    return longer;
  }

  private static Node at(Node node, int place) {
    return node instanceof SequenceNode sequence && place < sequence.getValue().size()
        ? sequence.getValue().get(place)
        : null;
  }

  private static Node field(Node node, String name) {
    if (node instanceof MappingNode mapping) {
      for (NodeTuple tuple : mapping.getValue()) {
        if (tuple.getKeyNode() instanceof ScalarNode key && key.getValue().equals(name)) {
          return tuple.getValueNode();
        }
      }
    }
    return null;
  }

  private static String unshown(int codePoint) {
    return String.format(Locale.ROOT, "characters that can be shown, not U+%04X", codePoint);
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

  private static int lineOf(Node node) {
    return node.getStartMark().map(m -> m.getLine() + 1).orElse(1);
  }
}
