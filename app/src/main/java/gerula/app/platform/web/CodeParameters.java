package gerula.app.platform.web;

import gerula.core.rule.Code;
import java.util.Arrays;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Words of the trade in an address are written by their code, as in JSON. */
@Configuration
class CodeParameters implements WebMvcConfigurer {

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverterFactory(new FromCode());
  }

  private static final class FromCode implements ConverterFactory<String, Enum<?>> {
    @Override
    public <T extends Enum<?>> Converter<String, T> getConverter(Class<T> list) {
      return text -> text.isEmpty() ? null : constant(list, text);
    }

    private static <T extends Enum<?>> T constant(Class<T> list, String text) {
      return Arrays.stream(list.getEnumConstants())
          .filter(one -> one instanceof Code word ? word.isSpelt(text) : one.name().equals(text))
          .findFirst()
          .orElseThrow(() -> new IllegalArgumentException("There is no " + text + "."));
    }
  }
}
