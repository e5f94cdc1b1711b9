package gerula.app.platform.web;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.util.ClassUtils;

/** The records that travel over the API, by their simple names. */
final class RecordsByName {

  private static final Map<String, Class<?>> RECORDS = scan();

  private RecordsByName() {}

  static @Nullable Class<?> find(String simpleName) {
    return RECORDS.get(simpleName);
  }

  private static Map<String, Class<?>> scan() {
    ClassPathScanningCandidateComponentProvider provider =
        new ClassPathScanningCandidateComponentProvider(false) {
          @Override
          protected boolean isCandidateComponent(
              org.springframework.beans.factory.annotation.AnnotatedBeanDefinition definition) {
            return true;
          }
        };
    provider.addIncludeFilter(
        (reader, _) -> "java.lang.Record".equals(reader.getClassMetadata().getSuperClassName()));
    Map<String, Class<?>> records = new HashMap<>();
    for (String root : new String[] {"gerula.app", "gerula.core"}) {
      provider
          .findCandidateComponents(root)
          .forEach(
              definition -> {
                Class<?> type =
                    ClassUtils.resolveClassName(
                        String.valueOf(definition.getBeanClassName()), null);
                records.putIfAbsent(type.getSimpleName(), type);
              });
    }
    return records;
  }
}
