package gerula.app.kit.picture;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A picture is taken for what it is, made small, turned upright, and kept bare. */
@ExtendWith(Running.class)
class PictureTest {

  private Client client;
  private String powder;

  @BeforeEach
  void aThing(Client fresh) {
    client = fresh.signedUp();
    powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
  }

  @Test
  void aLargePictureIsMadeSmallAndKeepsNothingThatIsNotSeen() throws IOException {
    byte[] sent = Pixels.withExif(Pixels.jpeg(3000, 2000), 1);
    byte[] kept = kept(put(sent, "image/jpeg", 200));
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(kept));
    assertThat(picture.getWidth()).isEqualTo(1200);
    assertThat(picture.getHeight()).isEqualTo(800);
    assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
  }

  // Exif: 6 means the camera was turned to the right, 3 upside down.
  @ParameterizedTest
  @CsvSource({"1, 60, 40, left", "3, 60, 40, right", "6, 40, 60, top", "8, 40, 60, bottom"})
  void aTurnedPictureStandsUpright(int orientation, int width, int height, String red)
      throws IOException {
    byte[] sent = Pixels.withExif(Pixels.jpeg(60, 40), orientation);
    BufferedImage picture =
        ImageIO.read(new ByteArrayInputStream(kept(put(sent, "image/jpeg", 200))));
    assertThat(List.of(picture.getWidth(), picture.getHeight())).containsExactly(width, height);
    int x = red.equals("left") ? 5 : red.equals("right") ? width - 5 : width / 2;
    int y = red.equals("top") ? 5 : red.equals("bottom") ? height - 5 : height / 2;
    assertThat(picture.getRGB(x, y) >> 16 & 0xff).isGreaterThan(150);
  }

  @Test
  void whatIsNoPictureIsRefusedWhateverItIsCalled() throws IOException {
    put("<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8), "image/png", 422);
    put("GIF89a".getBytes(StandardCharsets.UTF_8), "image/jpeg", 422);
    byte[] cutOff = Arrays.copyOf(Pixels.jpeg(300, 300), 200);
    put(cutOff, "image/jpeg", 422);
    put(new byte[6 << 20], "image/png", 413);
    assertThat(item().path("picture").isNull()).isTrue();
  }

  /** A PNG header that claims forty thousand pixels each way. */
  @Test
  void aSmallFileThatClaimsToBeHugeIsNotOpened() throws IOException {
    byte[] bomb = Pixels.png(10, 10);
    bomb[18] = (byte) 0x9c;
    bomb[22] = (byte) 0x9c;
    CRC32 sum = new CRC32();
    sum.update(bomb, 12, 17);
    ByteBuffer.wrap(bomb).putInt(29, (int) sum.getValue());
    put(bomb, "image/png", 422);
  }

  @Test
  void anotherPictureIsUndoneAndNobodyElseSeesEither(Client other) throws IOException {
    JsonNode first = put(Pixels.png(10, 10), "image/png", 200);
    String act = Kits.id();
    client.putBytes(
        "/api/items/" + powder + "/picture/" + Kits.id() + "?actId=" + act,
        "image/png",
        Pixels.png(20, 20));
    client.post("/api/ledger/" + act + "/undo", Client.act()).expect(204);
    assertThat(item().path("picture")).isEqualTo(first.at("/item/picture"));
    other.signedUp();
    other.get("/api/pictures/" + first.at("/item/picture").asString()).expect(404);
    client.post("/api/items/" + powder + "/picture/remove", Client.act()).expect(200);
    assertThat(item().path("picture").isNull()).isTrue();
  }

  private JsonNode put(byte[] bytes, String type, int status) {
    return client
        .sendBytes(
            "PUT",
            "/api/items/" + powder + "/picture/" + Kits.id() + "?actId=" + Kits.id(),
            type,
            bytes)
        .expect(status)
        .body();
  }

  private byte[] kept(JsonNode sheet) {
    return client.bytes("GET", "/api/pictures/" + sheet.at("/item/picture").asString(), null);
  }

  private JsonNode item() {
    return client.get("/api/items/" + powder).body().path("item");
  }
}
