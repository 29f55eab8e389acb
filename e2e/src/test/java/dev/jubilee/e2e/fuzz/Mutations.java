package dev.jubilee.e2e.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Ways in which a request goes wrong, by accident or on purpose. */
final class Mutations {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int LONG_LIST = 10_000;

  /** Written as they are sent: some of them no mapper would write. */
  private static final List<String> VALUES =
      List.of(
          "null",
          "true",
          "0",
          "-1",
          "1",
          "2147483648",
          "-9223372036854775809",
          "99999999999999999999999999",
          "1e400",
          "-1e308",
          "1e-320",
          "1.5",
          "NaN",
          "\"NaN\"",
          "\"Infinity\"",
          "\"\"",
          "\" \"",
          "\"0\"",
          "\"\\u0000\"",
          "\"a\\u0000b\"",
          "\"\\u007f\"",
          "\"\\ud800\"",
          "\"\\udc00x\"",
          "\"\\u200b\\u2060\"",
          "\"\\u202egnimraw\"",
          "\"\\u2028\"",
          "\"\\ufeff\"",
          "\"=HYPERLINK(1)\"",
          "\"' OR 1=1 --\"",
          "\"<img src=x onerror=alert(1)>\"",
          "\"${jndi:ldap://x}\"",
          "\"+999999999-12-31\"",
          "\"-999999999-01-01\"",
          "\"2026-02-30\"",
          "\"0000-00-00\"",
          "\"+999999999-12-31T23:59:59\"",
          "\"1899-12-31\"",
          "\"24:00:00\"",
          "\"00000000-0000-0000-0000-000000000000\"",
          "\"12 x 400 m @ 5k pace / 200 m jog then 3 x (8 x 30 s all out)\"",
          "\"99999 x 99999 km\"",
          "[]",
          "[null]",
          "[[]]",
          "{}",
          "{\"a\":null}",
          "{\"action\":\"DOSE\"}",
          "{\"\\u0000\":1}");

  private Mutations() {}

  /** A body with one to three things wrong in it. */
  static byte[] body(JsonNode sample, Random random, List<String> foreign) {
    if (random.nextInt(12) == 0) {
      return whole(sample, random);
    }
    String text = sample.toString();
    for (int i = 1 + random.nextInt(2); i > 0; i--) {
      JsonNode parsed;
      try {
        parsed = JSON.readTree(text);
      } catch (RuntimeException e) {
        // Wrong enough already.
        break;
      }
      text = oneWrong(parsed, random, foreign);
    }
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String oneWrong(JsonNode body, Random random, List<String> foreign) {
    List<Place> places = new ArrayList<>();
    collect(body, places);
    if (places.isEmpty()) {
      return VALUES.get(random.nextInt(VALUES.size()));
    }
    Place place = places.get(random.nextInt(places.size()));
    String mark = "@@" + random.nextInt(1_000_000) + "@@";
    JsonNode was = place.get();
    switch (random.nextInt(10)) {
      case 0 -> place.remove();
      case 1 -> place.set(foreign.get(random.nextInt(foreign.size())));
      default -> place.set(mark);
    }
    return body.toString().replace('"' + mark + '"', value(was, random));
  }

  private static String value(JsonNode was, Random random) {
    return switch (random.nextInt(14)) {
      case 0 -> '"' + "x".repeat(1 + random.nextInt(150_000)) + '"';
      case 1 -> "[" + (was + ",").repeat(LONG_LIST) + was + "]";
      case 2 -> "[".repeat(500) + "]".repeat(500);
      case 3 -> "{\"a\":".repeat(100) + "1" + "}".repeat(100);
      case 4 -> was.isArray() && !was.isEmpty() ? longList(was) : String.valueOf(was);
      default -> VALUES.get(random.nextInt(VALUES.size()));
    };
  }

  private static String longList(JsonNode list) {
    String one = list.get(0).toString();
    return "[" + (one + ",").repeat(LONG_LIST) + one + "]";
  }

  private static byte[] whole(JsonNode sample, Random random) {
    String text = sample.toString();
    String wrong =
        switch (random.nextInt(9)) {
          case 0 -> "";
          case 1 -> text.substring(0, text.length() / 2);
          case 2 -> text + text;
          case 3 -> "\ufeff" + text;
          case 4 -> "- a: &x [1, 2]\n- *x\n";
          case 5 -> "[".repeat(20_000);
          case 6 -> "\"" + "x".repeat(6 << 20) + "\"";
          case 7 -> "[" + text + "]";
          default -> VALUES.get(random.nextInt(VALUES.size()));
        };
    if (random.nextInt(6) == 0) {
      return wrong.getBytes(StandardCharsets.UTF_16);
    }
    byte[] bytes = wrong.getBytes(StandardCharsets.UTF_8);
    if (bytes.length > 4 && random.nextInt(6) == 0) {
      // Not UTF-8 at all.
      bytes[bytes.length / 2] = (byte) 0xc3;
      bytes[bytes.length / 2 + 1] = (byte) 0x28;
    }
    return bytes;
  }

  /** Somewhere in a body. */
  private record Place(JsonNode holder, String name, int index) {
    JsonNode get() {
      return name == null ? holder.get(index) : holder.get(name);
    }

    void set(String value) {
      if (name == null) {
        ((ArrayNode) holder).set(index, JSON.getNodeFactory().stringNode(value));
      } else {
        ((ObjectNode) holder).put(name, value);
      }
    }

    void remove() {
      if (name == null) {
        ((ArrayNode) holder).remove(index);
      } else {
        ((ObjectNode) holder).remove(name);
      }
    }
  }

  private static void collect(JsonNode node, List<Place> places) {
    if (node.isObject()) {
      node.properties()
          .forEach(
              p -> {
                places.add(new Place(node, p.getKey(), 0));
                collect(p.getValue(), places);
              });
    } else if (node.isArray()) {
      for (int i = 0; i < node.size(); i++) {
        places.add(new Place(node, null, i));
        collect(node.get(i), places);
      }
    }
  }
}
