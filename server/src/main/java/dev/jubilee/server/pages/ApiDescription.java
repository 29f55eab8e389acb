package dev.jubilee.server.pages;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description: everything is required but what is marked as nullable. */
@Configuration
class ApiDescription {
  /** Objects that may be absent; a reference cannot say so itself in OpenAPI 3.0. */
  private static final Set<String> NULLABLE_REFERENCES =
      Set.of(
          "ItemView.target",
          "Cell.target",
          "ItemView.easier",
          "PlanView.readiness",
          "ItemView.harder",
          "EditRequest.lock",
          "EditRequest.circumstances",
          "EditRequest.approach",
          "CircumstancesView.conditions");

  @Bean
  OpenApiCustomizer requiredUnlessNullable() {
    return api -> {
      api.setInfo(new Info().title("Jubilee").version("1"));
      api.setServers(null);
      api.getComponents().getSchemas().forEach(ApiDescription::require);
    };
  }

  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void require(String name, Schema schema) {
    // A type is never null itself; the property that refers to it may be.
    schema.setNullable(null);
    Map<String, Schema> properties = schema.getProperties();
    if (properties != null) {
      properties.replaceAll(
          (property, type) ->
              NULLABLE_REFERENCES.contains(name + "." + property)
                  ? new Schema().allOf(List.of(type)).nullable(true)
                  : type);
      List<String> required =
          properties.entrySet().stream()
              .filter(e -> !Boolean.TRUE.equals(e.getValue().getNullable()))
              .map(Map.Entry::getKey)
              .toList();
      schema.setRequired(required);
    }
  }
}
