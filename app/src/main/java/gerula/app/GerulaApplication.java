package gerula.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;

/** Starts Gerula. */
// Who may sign in stands in the accounts; Spring's own list of users would be a second one.
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@ConfigurationPropertiesScan
public class GerulaApplication {

  static {
    // A connection is asked whether it is alive each time it is taken: after the database was away,
    // nobody meets one that died meanwhile.
    System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
  }

  public static void main(String[] arguments) {
    SpringApplication.run(GerulaApplication.class, arguments);
  }
}
