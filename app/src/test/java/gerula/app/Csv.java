package gerula.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Tables as somebody sends them. */
public final class Csv {

  private Csv() {}

  public static Client.Answer preview(Client client, byte[] table, String query) {
    return client.sendBytes("POST", "/api/kit/csv/preview" + query, "text/csv", table);
  }

  /** Reads a table that must be good; the last line told. */
  public static JsonNode read(Client client, String table) {
    JsonNode last = lastLine(client, table.getBytes(StandardCharsets.UTF_8), Kits.id());
    assertThat(last.has("result")).as("%s", last).isTrue();
    return last;
  }

  /** Sends a table; the last line told. */
  public static JsonNode lastLine(Client client, byte[] table, String actId) {
    Client.Answer answer =
        client.sendBytes("POST", "/api/kit/csv?actId=" + actId, "text/csv", table);
    List<String> lines = answer.raw().body().lines().toList();
    return Client.object(lines.getLast());
  }
}
