package gerula.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** docs/openapi.json is what the client's types are made from: it has to be the API's own word. */
@ExtendWith(Running.class)
class ApiDocumentTest {

  private static final Path KEPT = Path.of("../docs/openapi.json");

  @Test
  void theKeptDocumentIsTheOneTheApplicationGives(Client client) throws IOException {
    String given = client.signedUp().get("/api/openapi.json").expect(200).raw().body();
    if (Boolean.getBoolean("api.write")) {
      Files.writeString(KEPT, given);
    }
    assertThat(Files.readString(KEPT))
        .as("docs/openapi.json is out of date: ./gerula types writes it again")
        .isEqualTo(given);
  }
}
