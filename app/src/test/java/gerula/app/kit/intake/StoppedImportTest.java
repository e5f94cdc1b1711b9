package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;

/** A connection that is closed in the middle of reading a table leaves nothing behind. */
@ExtendWith(Running.class)
class StoppedImportTest {

  private static final String STOPPED = "The work was stopped. Whoever asked for it has gone.";

  @Test
  void whoeverGoesAwayHasAddedNothing(Client client) throws IOException, InterruptedException {
    ListAppender<ILoggingEvent> log = listening();
    client.signedUp();
    StringBuilder table = new StringBuilder("name,class,now\n");
    for (int i = 0; i < 12_000; i++) {
      table.append("Thing ").append(i).append(",primer,Store\n");
    }
    client.sendAndGoAway(
        "/api/kit/csv?actId=" + Kits.id(), "text/csv", table.toString(), "\"done\"");
    // The work ends with the next line it cannot write; before it tells so its transaction is gone.
    for (int tries = 0; tries < 100 && !lines(log).contains(STOPPED); tries++) {
      Thread.sleep(100);
    }
    assertThat(lines(log)).contains(STOPPED).doesNotContain("Unforeseen");
    assertThat(total(client)).isZero();
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
    Csv.read(client, "name\nAfterwards\n");
    assertThat(total(client)).isEqualTo(1);
  }

  private static ListAppender<ILoggingEvent> listening() {
    ListAppender<ILoggingEvent> log = new ListAppender<>();
    log.list = new CopyOnWriteArrayList<>();
    log.start();
    ((Logger) LoggerFactory.getLogger("gerula")).addAppender(log);
    return log;
  }

  private static List<String> lines(ListAppender<ILoggingEvent> log) {
    return log.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
  }

  private static int total(Client client) {
    return client.get("/api/items").expect(200).body().path("total").asInt();
  }
}
