package gerula.app.platform.web;

import com.fasterxml.jackson.databind.type.SimpleType;
import gerula.core.booking.NeedCode;
import gerula.core.quantity.Mass;
import gerula.core.rule.Code;
import gerula.core.rule.Reason;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Makes the API's document say what the code says: words as lists of codes, absence as null. */
@Configuration
class ApiDocument {

  @Bean
  OpenAPI gerulaApi() {
    return new OpenAPI()
        // Relative: the document is the same wherever the application runs.
        .servers(List.of(new Server().url("/")))
        .info(
            new Info()
                .title("Gerula")
                .version("1")
                .description(
                    "Dates are ISO 8601, masses g, lengths mm, contents ml, g or pieces. Errors are"
                        + " problem details (RFC 9457) with a stable code."));
  }

  /** A word of the trade is one of its codes; a reason is a code and its facts. */
  @Bean
  ModelConverter tradeWords() {
    return new TradeWords();
  }

  private static final class TradeWords implements ModelConverter {
    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      Class<?> raw = raw(type);
      if (raw != null && raw.isEnum() && Code.class.isAssignableFrom(raw)) {
        List<String> codes =
            Arrays.stream(raw.getEnumConstants()).map(word -> ((Code) word).code()).toList();
        return new StringSchema()._enum(codes);
      }
      if (raw == NeedCode.class) {
        return new StringSchema();
      }
      if (raw == Mass.class) {
        return new ObjectSchema()
            .addProperty("grams", new IntegerSchema().format("int64"))
            .required(List.of("grams"));
      }
      if (raw != null && raw.isSealed() && Reason.class.isAssignableFrom(raw)) {
        return ReasonSchemas.of(raw, context);
      }
      return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    private static @Nullable Class<?> raw(AnnotatedType type) {
      if (type.getType() instanceof Class<?> direct) {
        return direct;
      }
      return type.getType() instanceof SimpleType simple
          ? simple.getRawClass()
          : Json.mapper().constructType(type.getType()).getRawClass();
    }
  }

  /**
   * Every field of a record is always there; those marked nullable may be null. Schemas are sorted,
   * so that the document is the same from run to run.
   */
  @Bean
  OpenApiCustomizer exactFields() {
    return api -> {
      Map<String, Schema> sorted = new TreeMap<>(api.getComponents().getSchemas());
      sorted.forEach((name, schema) -> exact(schema, RecordsByName.find(name)));
      api.getComponents().setSchemas(sorted);
    };
  }

  private static void exact(Schema<?> schema, @Nullable Class<?> type) {
    if (schema.getProperties() == null || type == null) {
      return;
    }
    schema.setRequired(List.copyOf(schema.getProperties().keySet()));
    for (RecordComponent component : type.getRecordComponents()) {
      Schema<?> property = schema.getProperties().get(component.getName());
      if (property != null && component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        schema.getProperties().put(component.getName(), ReasonSchemas.orNull(property));
      }
    }
  }
}
