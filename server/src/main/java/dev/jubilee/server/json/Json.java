package dev.jubilee.server.json;

import java.lang.reflect.Type;
import org.springframework.stereotype.Component;
import tools.jackson.core.json.JsonWriteFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is stored, as JSON. */
@Component
public class Json {
  private final JsonMapper mapper =
      JsonMapper.builder()
          // One dash would make Java hold all of a text in twice the bytes, and write it slowly.
          .enable(JsonWriteFeature.ESCAPE_NON_ASCII)
          // A newer server may have written more than this one knows.
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          // An older one wrote less; a figure it did not know is 0.
          .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .build();

  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  public <T> T read(String json, Class<T> type) {
    return mapper.readValue(json, type);
  }

  /** The same for a type that is known only while it runs. */
  public Object read(String json, Type type) {
    return mapper.readValue(json, mapper.constructType(type));
  }
}
