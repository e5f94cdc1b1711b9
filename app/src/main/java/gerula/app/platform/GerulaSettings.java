package gerula.app.platform;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What the start command may set.
 *
 * @param today the day the application takes for today, or null for the real one
 * @param startTime what time it is then as the application starts, null for the real one
 * @param demo folder of the demo workspace, loaded once into a workspace of its own; null for none
 * @param secureCookies whether cookies travel over TLS only; null: wherever there is TLS
 * @param hosts names it answers under besides those of this machine, without ports, in lower case
 * @param signUpBurst how many accounts may be made from one address at once
 * @param signUpsAnHour how many of them come back in an hour
 * @param passphraseMemoryKib how much memory hashing a passphrase takes; less is only for tests,
 *     which sign up by the hundred
 * @param orderDesk address on this machine to which orders are sent; null for none
 */
@ConfigurationProperties("gerula")
public record GerulaSettings(
    @Nullable LocalDate today,
    @Nullable LocalTime startTime,
    @Nullable String demo,
    @Nullable Boolean secureCookies,
    @DefaultValue Set<String> hosts,
    @DefaultValue("60") int signUpBurst,
    @DefaultValue("240") int signUpsAnHour,
    @DefaultValue("19456") int passphraseMemoryKib,
    @Nullable String orderDesk) {}
