package dev.jubilee.server.guard;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.problem.Limits;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateTimeDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * How requests are read: nothing is guessed. A number is no text, a decimal no whole number, the
 * place of a value in an enumeration not its name; whatever is accepted can be stored and read
 * again.
 */
@Configuration
class StrictJson {
  private static final int DEEPEST = 40;
  private static final int LONGEST_TEXT = 5 << 20;
  private static final int LONGEST_NUMBER = 60;
  private static final int LONGEST_NAME = 300;

  @Bean
  JsonFactoryBuilderCustomizer boundedJson() {
    return factory ->
        factory.streamReadConstraints(
            StreamReadConstraints.builder()
                .maxNestingDepth(DEEPEST)
                .maxStringLength(LONGEST_TEXT)
                .maxNumberLength(LONGEST_NUMBER)
                .maxNameLength(LONGEST_NAME)
                .build());
  }

  @Bean
  JsonMapperBuilderCustomizer exactJson() {
    return mapper ->
        mapper
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .addModule(values());
  }

  private static SimpleModule values() {
    return new SimpleModule("values")
        .addDeserializer(String.class, new Text())
        .addKeyDeserializer(String.class, new Key())
        .addDeserializer(LocalDate.class, new Day())
        .addDeserializer(LocalDateTime.class, new Moment());
  }

  private static String checked(JsonParser parser, String text) {
    Texts.fault(text)
        .ifPresent(
            fault -> {
              throw new OutOfRangeException(path(parser), fault.found(), fault.accepted());
            });
    return text;
  }

  /** Where the parser is, as errors name it: "results[0].takenOn". */
  private static String path(JsonParser parser) {
    StringBuilder path = new StringBuilder();
    append(path, parser.streamReadContext());
    return path.toString();
  }

  private static void append(StringBuilder path, TokenStreamContext context) {
    if (context.inRoot()) {
      return;
    }
    append(path, context.getParent());
    if (context.inArray()) {
      path.append('[').append(context.getCurrentIndex()).append(']');
    } else if (context.currentName() != null) {
      path.append(path.isEmpty() ? "" : ".").append(context.currentName());
    }
  }

  private static final class Text extends StringDeserializer {
    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
      String text = super.deserialize(parser, context);
      return text == null ? null : checked(parser, text);
    }
  }

  private static final class Key extends KeyDeserializer {
    @Override
    public Object deserializeKey(String key, DeserializationContext context) {
      return checked(context.getParser(), key);
    }
  }

  private static final class Day extends LocalDateDeserializer {
    Day() {
      super(DateTimeFormatter.ISO_LOCAL_DATE);
    }

    /** Whatever its property, or another one would take its place. */
    @Override
    public ValueDeserializer<?> createContextual(
        DeserializationContext context, BeanProperty property) {
      return this;
    }

    @Override
    public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
      LocalDate day = super.deserialize(parser, context);
      return day == null ? null : Limits.within(path(parser), day);
    }
  }

  private static final class Moment extends LocalDateTimeDeserializer {
    Moment() {
      super(DateTimeFormatter.ISO_LOCAL_DATE_TIME);
    }

    /** Whatever its property, or another one would take its place. */
    @Override
    public ValueDeserializer<?> createContextual(
        DeserializationContext context, BeanProperty property) {
      return this;
    }

    @Override
    public LocalDateTime deserialize(JsonParser parser, DeserializationContext context) {
      LocalDateTime moment = super.deserialize(parser, context);
      if (moment != null) {
        Limits.within(path(parser), moment.toLocalDate());
      }
      return moment;
    }
  }
}
