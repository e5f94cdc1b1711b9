package gerula.app.platform;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the start command may set.
 *
 * @param today the day the application takes for today, or null for the real one
 * @param demo folder of the demo workspace, loaded once into a workspace of its own; null for none
 */
@ConfigurationProperties("gerula")
public record GerulaSettings(@Nullable LocalDate today, @Nullable String demo) {}
