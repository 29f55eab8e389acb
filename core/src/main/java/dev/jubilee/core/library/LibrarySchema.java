package dev.jubilee.core.library;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.path.NodePath;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The form of a drill file, as {@code drill-library.schema.json} describes it and nothing else. */
final class LibrarySchema {
  private static final String FILE = "/library/drill-library.schema.json";

  private final JsonMapper mapper = JsonMapper.builder().build();
  private final JsonNode text;
  private final Schema schema;

  private LibrarySchema() {
    try (InputStream in = LibrarySchema.class.getResourceAsStream(FILE)) {
      this.text = mapper.readTree(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    this.schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
  }

  /** Read when a file is first opened: a second that a server need not wait for. */
  private static final class Holder {
    private static final LibrarySchema INSTANCE = new LibrarySchema();
  }

  static LibrarySchema get() {
    return Holder.INSTANCE;
  }

  /**
   * Compares a file with the schema.
   *
   * @param value lists, maps, texts, numbers and flags
   * @return nothing if it keeps to it
   */
  List<Departure> departures(Object value) {
    JsonNode file = mapper.valueToTree(value);
    List<Departure> departures = new ArrayList<>();
    findImmense(file, List.of(), departures);
    if (!departures.isEmpty()) {
      return departures;
    }
    for (Error error : schema.validate(file)) {
      if (!"oneOf".equals(error.getKeyword()) && isOfTheDoseMeant(error, file)) {
        departures.add(new Departure(path(error), what(error)));
      }
    }
    return departures.stream().distinct().toList();
  }

  /** No figure of a drill is as large as this, and the validator overflows far beyond. */
  private static final double IMMENSE = 1e9;

  private static void findImmense(JsonNode node, List<Object> path, List<Departure> departures) {
    if (node.isNumber() && Math.abs(node.doubleValue()) >= IMMENSE) {
      departures.add(new Departure(path, "a smaller number, not " + node));
    }
    if (node.isObject()) {
      node.properties().forEach(e -> findImmense(e.getValue(), to(path, e.getKey()), departures));
    }
    for (int i = 0; node.isArray() && i < node.size(); i++) {
      findImmense(node.get(i), to(path, i), departures);
    }
  }

  private static List<Object> to(List<Object> path, Object next) {
    List<Object> longer = new ArrayList<>(path);
    longer.add(next);
    return longer;
  }

  /**
   * A dose has one of several forms, told apart by what each must name first. Only what is wrong
   * with the form that was meant is worth saying.
   */
  private boolean isOfTheDoseMeant(Error error, JsonNode file) {
    NodePath way = error.getEvaluationPath();
    for (int i = 0; i < way.getNameCount() - 1; i++) {
      if (way.getName(i).equals("oneOf")) {
        int form = Integer.parseInt(way.getName(i + 1));
        JsonNode dose = file.at(pointer(error.getInstanceLocation(), 2));
        if (!dose.isObject()) {
          // No form at all: said once.
          return form == 0;
        }
        int meant = doseMeant(dose);
        return meant == form || (meant < 0 && form == 0 && isAbout(error, telltale(0)));
      }
    }
    return true;
  }

  private static boolean isAbout(Error error, String property) {
    return "required".equals(error.getKeyword()) && property.equals(error.getProperty());
  }

  private int doseMeant(JsonNode dose) {
    for (int form = 0; form < forms().size(); form++) {
      if (dose.has(telltale(form))) {
        return form;
      }
    }
    return -1;
  }

  private JsonNode forms() {
    return text.at("/$defs/dose/oneOf");
  }

  /** The property by which a form of dose is known: the first that it must have. */
  private String telltale(int form) {
    return resolved(forms().get(form)).at("/required/0").asString();
  }

  private List<Object> path(Error error) {
    List<Object> path = new ArrayList<>();
    NodePath at = error.getInstanceLocation();
    for (int i = 0; i < at.getNameCount(); i++) {
      path.add(at.getElement(i));
    }
    switch (error.getKeyword()) {
      case "required", "additionalProperties", "propertyNames" -> {
        if (!isDoseWithoutForm(error)) {
          path.add(error.getProperty());
        }
      }
      default -> {}
    }
    return path;
  }

  private boolean isDoseWithoutForm(Error error) {
    return "required".equals(error.getKeyword())
        && "dose".equals(lastName(error))
        && doseMeant(error.getInstanceNode()) < 0;
  }

  private static String lastName(Error error) {
    NodePath at = error.getInstanceLocation();
    return at.getNameCount() == 0 ? "" : at.getName(at.getNameCount() - 1);
  }

  private String what(Error error) {
    JsonNode rule = error.getSchemaNode();
    NodePath place = error.getSchemaLocation().getFragment();
    JsonNode around = text.at(pointer(place, place.getNameCount() - 1));
    JsonNode found = error.getInstanceNode();
    return switch (error.getKeyword()) {
      case "required" ->
          isDoseWithoutForm(error) ? "one of " + telltales() : "a value; it is missing";
      case "additionalProperties" ->
          "one of " + around.at("/properties").propertyNames() + "; this field is unknown";
      case "propertyNames" ->
          "one of " + words(resolved(rule)) + ", not '" + error.getProperty() + "'";
      case "enum" -> "one of " + words(around) + ", not " + found;
      case "type" -> kind(rule.asString()) + ", not " + found;
      case "minimum", "maximum" ->
          around.at("/minimum").asString()
              + " to "
              + around.at("/maximum").asString()
              + ", not "
              + found;
      case "minItems", "maxItems" ->
          around.at("/minItems").asInt(0) + atMost(around) + ", not " + found.size();
      case "minLength" -> "a value; it is empty";
      case "maxLength" -> "at most " + rule.asInt() + " characters";
      case "minProperties" -> "at least one";
      case "uniqueItems" -> "each named once";
      case "pattern" -> around.at("/description").asString();
      default -> error.getMessage();
    };
  }

  private static String atMost(JsonNode around) {
    return around.has("maxItems") ? " to " + around.get("maxItems").asInt() : " or more";
  }

  private List<String> telltales() {
    List<String> telltales = new ArrayList<>();
    for (int form = 0; form < forms().size(); form++) {
      telltales.add(telltale(form));
    }
    return telltales;
  }

  private JsonNode resolved(JsonNode rule) {
    return rule.has("$ref") ? text.at(rule.get("$ref").asString().substring(1)) : rule;
  }

  private static Set<String> words(JsonNode choice) {
    return choice
        .at("/enum")
        .valueStream()
        .map(JsonNode::asString)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private static String kind(String type) {
    return switch (type) {
      case "integer" -> "a whole number";
      case "number" -> "a number";
      case "string" -> "words";
      case "boolean" -> "true or false";
      case "array" -> "a list";
      default -> "fields";
    };
  }

  private static String pointer(NodePath path, int steps) {
    StringBuilder pointer = new StringBuilder();
    for (int i = 0; i < Math.min(steps, path.getNameCount()); i++) {
      pointer.append('/').append(path.getName(i));
    }
    return pointer.toString();
  }
}
