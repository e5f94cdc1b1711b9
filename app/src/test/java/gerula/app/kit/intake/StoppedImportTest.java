package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.AppenderBase;
import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;

/** A connection that is closed in the middle of reading a table leaves nothing behind. */
@ExtendWith(Running.class)
class StoppedImportTest {

  private static final String STOPPED = "The work was stopped. Whoever asked for it has gone.";

  @Test
  void whoeverGoesAwayHasAddedNothing(Client client) throws IOException, InterruptedException {
    Listener log = listening();
    client.signedUp();
    StringBuilder table = new StringBuilder("name,class,now\n");
    for (int i = 0; i < 12_000; i++) {
      table.append("Thing ").append(i).append(",primer,Store\n");
    }
    client.sendAndGoAway(
        "/api/kit/csv?actId=" + Kits.id(), "text/csv", table.toString(), "\"done\"");
    // The work ends with the next line it cannot write; before it tells so its transaction is gone.
    assertThat(log.stopped.await(60, TimeUnit.SECONDS)).isTrue();
    assertThat(log.lines()).contains(STOPPED).doesNotContain("Unforeseen");
    assertThat(total(client)).isZero();
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
    Csv.read(client, "name\nAfterwards\n");
    assertThat(total(client)).isEqualTo(1);
  }

  /** Hears what the application logs, and when it says that the work was stopped. */
  private static final class Listener extends AppenderBase<ILoggingEvent> {
    private final List<String> lines = new CopyOnWriteArrayList<>();
    private final CountDownLatch stopped = new CountDownLatch(1);

    @Override
    protected void append(ILoggingEvent event) {
      lines.add(event.getFormattedMessage());
      if (event.getFormattedMessage().equals(STOPPED)) {
        stopped.countDown();
      }
    }

    List<String> lines() {
      return lines;
    }
  }

  private static Listener listening() {
    Listener log = new Listener();
    log.start();
    ((Logger) LoggerFactory.getLogger("gerula")).addAppender(log);
    return log;
  }

  private static int total(Client client) {
    return client.get("/api/items").expect(200).body().path("total").asInt();
  }
}
