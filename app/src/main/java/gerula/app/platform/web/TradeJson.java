package gerula.app.platform.web;

import gerula.core.booking.NeedCode;
import gerula.core.quantity.Mass;
import gerula.core.rule.Code;
import gerula.core.rule.Reason;
import gerula.core.rule.Text;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.deser.Deserializers;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.jdk.NumberDeserializers;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.CollectionType;

/** How words of the trade and reasons are written in JSON: words by their code, reasons as data. */
@Configuration
class TradeJson {

  @Bean
  JacksonModule tradeModule() {
    return new TradeModule();
  }

  private static final class TradeModule extends SimpleModule {
    private TradeModule() {
      super("trade");
      addSerializer(Code.class, new CodeWriter());
      addSerializer(NeedCode.class, new NeedWriter());
      addSerializer(Reason.class, new ReasonWriter());
      addSerializer(Mass.class, new MassWriter());
      addDeserializer(String.class, new TextReader());
      addDeserializer(BigDecimal.class, new FigureReader());
      setDeserializerModifier(new WithoutGaps());
    }

    @Override
    public void setupModule(SetupContext context) {
      super.setupModule(context);
      context.addDeserializers(new CodeReaders());
    }
  }

  /** What is no text is refused where it is read, before it reaches a database or a calendar. */
  private static final class TextReader extends ValueDeserializer<String> {
    @Override
    public String deserialize(JsonParser json, DeserializationContext context) {
      String text = StringDeserializer.instance.deserialize(json, context);
      Text.fault(text)
          .ifPresent(
              why -> {
                throw InvalidFormatException.from(json, why, "text that " + why, String.class);
              });
      return Text.withPlainLineEnds(text);
    }
  }

  /** 1e999999999 is short to write and fills a machine when it is written out. */
  private static final class FigureReader extends ValueDeserializer<BigDecimal> {
    @Override
    public BigDecimal deserialize(JsonParser json, DeserializationContext context) {
      BigDecimal figure =
          NumberDeserializers.BigDecimalDeserializer.instance.deserialize(json, context);
      if (figure != null && !Figures.isWithinBounds(figure)) {
        throw InvalidFormatException.from(json, "out of bounds", "a figure", BigDecimal.class);
      }
      return figure;
    }
  }

  /** No list of ours has gaps in it. */
  private static final class WithoutGaps extends ValueDeserializerModifier {
    @Override
    public ValueDeserializer<?> modifyCollectionDeserializer(
        DeserializationConfig config,
        CollectionType type,
        BeanDescription.Supplier description,
        ValueDeserializer<?> usual) {
      return new GapFinder(usual);
    }
  }

  private static final class GapFinder extends DelegatingDeserializer {
    private GapFinder(ValueDeserializer<?> usual) {
      super(usual);
    }

    @Override
    protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> contextual) {
      return new GapFinder(contextual);
    }

    @Override
    public Object deserialize(JsonParser json, DeserializationContext context) {
      Object read = super.deserialize(json, context);
      if (read instanceof Collection<?> all && all.stream().anyMatch(Objects::isNull)) {
        throw InvalidFormatException.from(json, "null in a list", "null in a list", List.class);
      }
      return read;
    }
  }

  private static final class CodeWriter extends ValueSerializer<Code> {
    @Override
    public void serialize(Code word, JsonGenerator json, SerializationContext context) {
      json.writeString(word.code());
    }
  }

  /** What is needed, with the role of a colour behind a colon. */
  private static final class NeedWriter extends ValueSerializer<NeedCode> {
    @Override
    public void serialize(NeedCode need, JsonGenerator json, SerializationContext context) {
      json.writeString(need.code());
    }
  }

  /** To the gram, as the document says; what is finer is of no use to a reader. */
  private static final class MassWriter extends ValueSerializer<Mass> {
    @Override
    public void serialize(Mass mass, JsonGenerator json, SerializationContext context) {
      json.writeStartObject();
      json.writeNumberProperty("grams", mass.grams());
      json.writeEndObject();
    }
  }

  /** A code beside the components of the record that carries the facts. */
  private static final class ReasonWriter extends ValueSerializer<Reason> {

    /** Looked up once: a long list has thousands of reasons. */
    private static final ClassValue<Shape> SHAPES =
        new ClassValue<>() {
          @Override
          protected Shape computeValue(Class<?> reason) {
            return Shape.of(reason.asSubclass(Reason.class));
          }
        };

    private record Shape(String code, List<String> names, List<Method> accessors) {

      static Shape of(Class<? extends Reason> reason) {
        RecordComponent[] facts = reason.getRecordComponents();
        List<Method> accessors = Arrays.stream(facts).map(RecordComponent::getAccessor).toList();
        accessors.forEach(accessor -> accessor.setAccessible(true));
        return new Shape(
            Reason.codeOf(reason),
            Arrays.stream(facts).map(RecordComponent::getName).toList(),
            accessors);
      }
    }

    @Override
    public void serialize(Reason reason, JsonGenerator json, SerializationContext context) {
      Shape shape = SHAPES.get(reason.getClass());
      json.writeStartObject();
      json.writeStringProperty("code", shape.code());
      json.writeObjectPropertyStart("facts");
      for (int i = 0; i < shape.names().size(); i++) {
        json.writeName(shape.names().get(i));
        context.writeValue(json, value(reason, shape.accessors().get(i)));
      }
      json.writeEndObject();
      json.writeEndObject();
    }

    private static Object value(Reason reason, Method accessor) {
      try {
        return accessor.invoke(reason);
      } catch (IllegalAccessException | InvocationTargetException impossible) {
        throw new IllegalStateException("A reason's facts are public: " + reason, impossible);
      }
    }
  }

  private static final class CodeReaders extends Deserializers.Base {
    @Override
    public ValueDeserializer<?> findEnumDeserializer(
        JavaType type, DeserializationConfig config, BeanDescription.Supplier description) {
      return Code.class.isAssignableFrom(type.getRawClass())
          ? new CodeReader(type.getRawClass())
          : null;
    }

    @Override
    public boolean hasDeserializerFor(DeserializationConfig config, Class<?> type) {
      return type.isEnum() && Code.class.isAssignableFrom(type);
    }
  }

  private static final class CodeReader extends ValueDeserializer<Object> {
    private final Class<?> list;

    private CodeReader(Class<?> list) {
      this.list = list;
    }

    @Override
    public Object deserialize(JsonParser json, DeserializationContext context) {
      String code = json.getValueAsString();
      for (Object word : list.getEnumConstants()) {
        if (code != null && ((Code) word).isSpelt(code)) {
          return word;
        }
      }
      String codes =
          Arrays.stream(list.getEnumConstants())
              .map(word -> ((Code) word).code())
              .collect(Collectors.joining(", "));
      throw InvalidFormatException.from(json, "not one of " + codes, code, list);
    }
  }
}
