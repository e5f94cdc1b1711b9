package gerula.app.platform.web;

import gerula.core.rule.Reason;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the API's document says of reasons: one schema for each kind, its records told apart by
 * their codes, each with the facts it brings.
 */
final class ReasonSchemas {

  private static final String IN_DOCUMENT = "#/components/schemas/";
  private static final String CODE = "code";
  private static final String FACTS = "facts";

  private ReasonSchemas() {}

  /** A reference to the schema of a sealed kind, which is defined when it is first met. */
  static Schema<?> of(Class<?> kind, ModelConverterContext context) {
    String name = kind.getSimpleName();
    if (!context.getDefinedModels().containsKey(name)) {
      Schema<?> oneOf = new Schema<>();
      // Defined before its records are: one of them may hold reasons of the same kind.
      context.defineModel(name, oneOf);
      Discriminator byCode = new Discriminator().propertyName(CODE);
      for (Class<?> permitted : kind.getPermittedSubclasses()) {
        Class<? extends Reason> record = permitted.asSubclass(Reason.class);
        String ref = IN_DOCUMENT + defined(record, context);
        oneOf.addOneOfItem(new Schema<>().$ref(ref));
        byCode.mapping(Reason.codeOf(record), ref);
      }
      oneOf.discriminator(byCode);
    }
    return new Schema<>().$ref(IN_DOCUMENT + name);
  }

  private static String defined(Class<? extends Reason> record, ModelConverterContext context) {
    String name = record.getSimpleName() + "Reason";
    context.defineModel(
        name,
        new ObjectSchema()
            .addProperty(CODE, new StringSchema()._enum(List.of(Reason.codeOf(record))))
            .addProperty(FACTS, facts(record, context))
            .required(List.of(CODE, FACTS)));
    return name;
  }

  private static Schema<?> facts(Class<?> record, ModelConverterContext context) {
    Schema<?> facts = new ObjectSchema();
    RecordComponent[] components = record.getRecordComponents();
    for (RecordComponent fact : components) {
      Schema<?> schema =
          context.resolve(new AnnotatedType(fact.getGenericType()).resolveAsRef(true));
      boolean isOptional = fact.getAnnotatedType().isAnnotationPresent(Nullable.class);
      facts.addProperty(fact.getName(), isOptional ? orNull(schema) : schema);
    }
    facts.setRequired(Arrays.stream(components).map(RecordComponent::getName).toList());
    return facts;
  }

  static Schema<?> orNull(Schema<?> schema) {
    Schema<?> nothing = new Schema<>();
    nothing.addType("null");
    return new Schema<>().anyOf(List.of(schema, nothing));
  }
}
