package gerula.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The schema in docs says what the application writes and reads. */
@ExtendWith(Running.class)
class SchemaTest {

  private static final Path SCHEMA = Path.of("../docs/formats/workspace.schema.json");

  @Test
  void theDemoAndWhatIsWrittenOutFollowTheSchema(Client client) throws IOException {
    JsonSchema schema =
        JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(Files.readString(SCHEMA));
    String demo = Files.readString(Path.of("../demo/workspace.json"));
    assertThat(schema.validate(demo, InputFormat.JSON)).isEmpty();
    client.signedUp();
    client.post("/api/workspace/archive?asIfToday=true&actId=" + Kits.id(), demo).expect(204);
    String written = client.get("/api/workspace/archive").expect(200).raw().body();
    assertThat(schema.validate(written, InputFormat.JSON)).isEmpty();
    String wrong = written.replace("\"lip-colour\"", "7");
    assertThat(schema.validate(wrong, InputFormat.JSON)).isNotEmpty();
  }
}
