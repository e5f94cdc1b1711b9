package gerula.app.platform.web;

import gerula.core.rule.Because;
import gerula.core.rule.Code;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
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
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;

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
      addSerializer(Because.class, new BecauseWriter());
      addDeserializer(String.class, new TextReader());
    }

    @Override
    public void setupModule(SetupContext context) {
      super.setupModule(context);
      context.addDeserializers(new CodeReaders());
    }
  }

  /** The database keeps every character but one: NUL is refused where it is read. */
  private static final class TextReader extends ValueDeserializer<String> {
    @Override
    public String deserialize(JsonParser json, DeserializationContext context) {
      String text = StringDeserializer.instance.deserialize(json, context);
      if (text.indexOf('\0') >= 0) {
        throw InvalidFormatException.from(json, "holds a NUL character", "NUL", String.class);
      }
      return text;
    }
  }

  private static final class CodeWriter extends ValueSerializer<Code> {
    @Override
    public void serialize(Code word, JsonGenerator json, SerializationContext context) {
      json.writeString(word.code());
    }
  }

  /** A code beside the components of the record that carries the facts. */
  private static final class BecauseWriter extends ValueSerializer<Because> {
    @Override
    public void serialize(Because because, JsonGenerator json, SerializationContext context) {
      json.writeStartObject();
      json.writeStringProperty("code", because.code());
      json.writeObjectPropertyStart("facts");
      for (RecordComponent fact : because.getClass().getRecordComponents()) {
        json.writeName(fact.getName());
        context.writeValue(json, value(because, fact));
      }
      json.writeEndObject();
      json.writeEndObject();
    }

    private static Object value(Because because, RecordComponent fact) {
      try {
        fact.getAccessor().setAccessible(true);
        return fact.getAccessor().invoke(because);
      } catch (IllegalAccessException | InvocationTargetException impossible) {
        throw new IllegalStateException("A reason's facts are public: " + because, impossible);
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
        if (((Code) word).code().equals(code)) {
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
