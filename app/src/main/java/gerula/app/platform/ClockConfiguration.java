package gerula.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock everybody asks. */
@Configuration
class ClockConfiguration {

  /**
   * The machine's clock, shifted by whole days when the application was told which day it is, and
   * to a time of that day when it was told that too.
   */
  @Bean
  Clock clock(GerulaSettings settings) {
    Clock real = Clock.system(ZoneId.systemDefault());
    if (settings.today() == null) {
      return real;
    }
    long days = settings.today().toEpochDay() - LocalDate.now(real).toEpochDay();
    Duration later = Duration.ofDays(days);
    return Clock.offset(
        real,
        settings.startTime() == null
            ? later
            : later.plus(Duration.between(LocalTime.now(real), settings.startTime())));
  }
}
