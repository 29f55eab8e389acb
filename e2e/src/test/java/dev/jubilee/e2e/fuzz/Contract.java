package dev.jubilee.e2e.fuzz;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What the server says it understands, and bodies that follow it to the letter. */
final class Contract {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int DEEPEST = 9;

  /** One thing that can be asked for. */
  record Operation(String method, String path, List<Parameter> parameters, JsonNode body) {}

  /** Part of an address. */
  record Parameter(String name, String in, JsonNode schema) {}

  private final JsonNode schemas;
  private final List<Operation> operations = new ArrayList<>();

  Contract(String description) {
    JsonNode api = JsonMapper.shared().readTree(description);
    this.schemas = api.at("/components/schemas");
    for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
      for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
        operations.add(operation(path.getKey(), method.getKey(), method.getValue()));
      }
    }
  }

  List<Operation> operations() {
    return operations;
  }

  private static Operation operation(String path, String method, JsonNode described) {
    List<Parameter> parameters = new ArrayList<>();
    for (JsonNode p : described.path("parameters")) {
      parameters.add(
          new Parameter(p.get("name").asString(), p.get("in").asString(), p.path("schema")));
    }
    JsonNode body = described.at("/requestBody/content/application~1json/schema");
    return new Operation(method.toUpperCase(java.util.Locale.ROOT), path, parameters, body);
  }

  /** Something of a schema; ids come from those that there are. */
  JsonNode sample(JsonNode schema, Random random, List<String> ids) {
    return sample(schema, random, ids, 0);
  }

  private JsonNode sample(JsonNode schema, Random random, List<String> ids, int depth) {
    if (schema.has("$ref")) {
      String name = schema.get("$ref").asString();
      JsonNode target = schemas.path(name.substring(name.lastIndexOf('/') + 1));
      return sample(target, random, ids, depth + 1);
    }
    for (String either : List.of("oneOf", "allOf", "anyOf")) {
      if (schema.has(either)) {
        JsonNode all = schema.get(either);
        return sample(all.get(random.nextInt(all.size())), random, ids, depth + 1);
      }
    }
    if (schema.path("nullable").asBoolean(false) && random.nextInt(3) == 0) {
      return NODES.nullNode();
    }
    if (schema.has("enum")) {
      return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
    }
    return switch (schema.path("type").asString("object")) {
      case "string" -> NODES.stringNode(text(schema.path("format").asString(""), random, ids));
      case "integer" -> NODES.numberNode(random.nextInt(30));
      case "number" -> NODES.numberNode(random.nextInt(4000) / 4.0);
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      case "array" -> array(schema, random, ids, depth);
      default -> object(schema, random, ids, depth);
    };
  }

  private static String text(String format, Random random, List<String> ids) {
    return switch (format) {
      case "uuid" -> ids.get(random.nextInt(ids.size()));
      case "date" -> "2026-12-" + (10 + random.nextInt(20));
      case "date-time" -> "2026-12-" + (10 + random.nextInt(20)) + "T17:30:00";
      case "time" -> "17:30:00";
      default -> "6 x 400 m, 90 s easy";
    };
  }

  private ArrayNode array(JsonNode schema, Random random, List<String> ids, int depth) {
    ArrayNode array = NODES.arrayNode();
    for (int i = depth > DEEPEST ? 0 : random.nextInt(3); i > 0; i--) {
      array.add(sample(schema.path("items"), random, ids, depth + 1));
    }
    return array;
  }

  private ObjectNode object(JsonNode schema, Random random, List<String> ids, int depth) {
    ObjectNode object = NODES.objectNode();
    if (depth <= DEEPEST) {
      for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
        object.set(property.getKey(), sample(property.getValue(), random, ids, depth + 1));
      }
    }
    return object;
  }
}
