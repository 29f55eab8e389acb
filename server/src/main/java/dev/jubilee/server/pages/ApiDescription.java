package dev.jubilee.server.pages;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description: everything is required but what is marked as nullable. */
@Configuration
class ApiDescription {
  @Bean
  OpenApiCustomizer requiredUnlessNullable() {
    return api -> {
      api.setInfo(new Info().title("Jubilee").version("1"));
      api.setServers(null);
      api.getComponents().getSchemas().values().forEach(ApiDescription::require);
    };
  }

  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void require(Schema schema) {
    Map<String, Schema> properties = schema.getProperties();
    if (properties != null) {
      List<String> required =
          properties.entrySet().stream()
              .filter(e -> !Boolean.TRUE.equals(e.getValue().getNullable()))
              .map(Map.Entry::getKey)
              .toList();
      schema.setRequired(required);
    }
  }
}
