package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A connection that is closed in the middle of reading a table leaves nothing behind. */
@ExtendWith(Running.class)
class StoppedImportTest {

  @Test
  void whoeverGoesAwayHasAddedNothing(Client client) throws IOException, InterruptedException {
    client.signedUp();
    StringBuilder table = new StringBuilder("name,class,now\n");
    for (int i = 0; i < 12_000; i++) {
      table.append("Thing ").append(i).append(",primer,Store\n");
    }
    client.sendAndGoAway(
        "/api/kit/csv?actId=" + Kits.id(), "text/csv", table.toString(), "\"done\"");
    // The work ends with the next line it cannot write; then its transaction is gone.
    for (int tries = 0; tries < 100 && total(client) > 0; tries++) {
      Thread.sleep(100);
    }
    assertThat(total(client)).isZero();
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
    Csv.read(client, "name\nAfterwards\n");
    assertThat(total(client)).isEqualTo(1);
  }

  private static int total(Client client) {
    return client.get("/api/items").expect(200).body().path("total").asInt();
  }
}
