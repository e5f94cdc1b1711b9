package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** As often as the system property probe.kills says, beside the one in the browser. */
@Order(1)
class KilledTest {

  private static final int KILLS = Integer.getInteger("probe.kills", 1);
  private static final int ROWS = 4000;

  private static Packaged application;

  @BeforeAll
  static void start() {
    application = Packaged.fresh("gerula_killed");
  }

  @AfterAll
  static void end() {
    application.kill();
  }

  @Test
  void everyTickThatWasConfirmedOutlivesTheApplication() {
    try (Person artist = new Person(Person.Stance.DESK, application).asWren()) {
      artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
      Locator ticks = artist.page.locator("[id^=line-] [role=checkbox]");
      ticks.first().waitFor();
      for (int i = 0; i < 12; i++) {
        ticks.nth(i).click();
      }
      artist.page.waitForCondition(() -> confirmed(artist).size() >= 4);
      application.kill();
      List<String> confirmed = confirmed(artist);
      application.start();
      artist.page.reload();
      ticks.first().waitFor();
      assertThat(confirmed).hasSizeGreaterThanOrEqualTo(4);
      assertThat(confirmed(artist)).containsAll(confirmed);
    }
  }

  /** All at once: what is asked for one by one may have changed in between. */
  private static List<String> confirmed(Person artist) {
    Object ids =
        artist
            .page
            .locator("[id^=line-]:has([role=checkbox][aria-checked=true][aria-busy=false])")
            .evaluateAll("lines => lines.map(line => line.id)");
    return ((List<?>) ids).stream().map(String::valueOf).toList();
  }

  /**
   * Killed among acts and in the middle of an import: what was confirmed is there, and nothing
   * half.
   */
  @Test
  void whatWasConfirmedOutlivesEveryKill() throws InterruptedException {
    Random random = new Random(7);
    Set<String> confirmed = new HashSet<>();
    int imported = 0;
    // Acts of one workspace wait for its import, so somebody else does them.
    Caller caller = Caller.signedUp(application);
    Caller actor = Caller.signedUp(application);
    for (int i = 0; i < KILLS; i++) {
      List<String> acting = new ArrayList<>();
      CountDownLatch enough = new CountDownLatch(10 + random.nextInt(60));
      Thread acts =
          Thread.ofVirtual()
              .start(() -> acting.addAll(actor.addPlacesUntilItEnds(enough::countDown)));
      boolean[] isImported = {false};
      Thread table =
          Thread.ofVirtual().start(() -> isImported[0] = caller.importTable("Wave", ROWS));
      enough.await();
      application.kill();
      acts.join();
      table.join();
      application.start();
      confirmed.addAll(acting);
      int before = imported;
      int now = caller.things();
      assertThat(now).as("all rows of a table or none").isIn(before, before + ROWS);
      assertThat(isImported[0] && now == before).as("confirmed and lost").isFalse();
      imported = now;
      assertThat(confirmed).isNotEmpty();
      assertThat(actor.places()).containsAll(confirmed);
    }
    System.out.println("Killed " + KILLS + " times: " + confirmed.size() + " confirmed acts kept");
  }
}
