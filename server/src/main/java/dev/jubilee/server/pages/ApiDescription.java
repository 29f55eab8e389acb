package dev.jubilee.server.pages;

import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.checkin.Alarm;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
          "FollowItem.target",
          "FollowView.startWindow",
          "PrescriptionView.link",
          "Cell.target",
          "ItemView.easier",
          "PlanView.readiness",
          "Event.look",
          "CrossingView.shift",
          "ItemView.harder",
          "AthletePageView.next",
          "RecordView.results",
          "RecordInput.results",
          "QuestionView.answer",
          "Due.question",
          "AgainstRoutine.routine",
          "Recorded.recording",
          "RecordingFile.columns",
          "TableHead.columns",
          "AgainstUsual.range",
          "WeekReview.changeovers",
          "CircumstancesView.conditions");

  @Bean
  @SuppressWarnings("rawtypes")
  OpenApiCustomizer requiredUnlessNullable() {
    return api -> {
      api.setInfo(new Info().title("Jubilee").version("1").extensions(Map.of("x-words", words())));
      api.setServers(null);
      Map<String, Schema> schemas = api.getComponents().getSchemas();
      List.copyOf(schemas.values()).forEach(schema -> describeUnion(schema, schemas));
      schemas.forEach(ApiDescription::require);
    };
  }

  /** What core calls things, so that the web calls them the same. */
  private static Map<String, Map<String, String>> words() {
    Map<String, Map<String, String>> words = new TreeMap<>();
    words.put("region", words(BodyRegion.values(), BodyRegion::words));
    words.put("health", words(HealthCondition.values(), HealthCondition::words));
    words.put("oneSide", words(BodyRegion.values(), BodyRegion::oneSide));
    words.put("kind", words(SessionKind.values(), SessionKind::words));
    words.put("sign", words(Sign.values(), Sign::words));
    words.put("checkpoint", words(Checkpoint.values(), Checkpoint::words));
    words.put("alarm", words(Alarm.values(), Alarm::words));
    words.put("part", words(WarmUpPart.values(), WarmUpPart::title));
    return words;
  }

  private static <E extends Enum<E>> Map<String, String> words(
      E[] values, Function<E, String> words) {
    return Stream.of(values)
        .collect(Collectors.toMap(Enum::name, words, (a, b) -> a, LinkedHashMap::new));
  }

  /** Each kind of a union is an object of its own, told by the value of its discriminator. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void describeUnion(Schema<?> union, Map<String, Schema> schemas) {
    if (union.getDiscriminator() == null || union.getOneOf() == null) {
      return;
    }
    String told = union.getDiscriminator().getPropertyName();
    union
        .getDiscriminator()
        .getMapping()
        .forEach(
            (value, reference) -> {
              String name = reference.substring(reference.lastIndexOf('/') + 1);
              Map<String, Schema> properties = new LinkedHashMap<>();
              properties.put(told, new StringSchema()._enum(List.of(value)));
              List<Schema> parts = schemas.get(name).getAllOf();
              for (Schema part : parts == null ? List.of(schemas.get(name)) : parts) {
                if (part.getProperties() != null) {
                  properties.putAll(part.getProperties());
                }
              }
              schemas.put(name, new ObjectSchema().properties(properties));
            });
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
