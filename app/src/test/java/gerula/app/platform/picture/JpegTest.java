package gerula.app.platform.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.app.Pixels;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JpegTest {

  @ParameterizedTest
  @CsvSource({
    "3000, 1500, 1200, 600",
    "800, 4000, 240, 1200",
    "1200, 900, 1200, 900",
    "5, 3, 5, 3"
  })
  void aPictureIsAtMostAsLongAsAScreenAndKeepsItsProportions(
      int width, int height, int keptWidth, int keptHeight) throws IOException {
    Jpeg kept = Jpeg.ofUpload(Pixels.png(width, height));
    assertThat(List.of(kept.width(), kept.height())).containsExactly(keptWidth, keptHeight);
    assertThat(Jpeg.kept(kept.bytes()).width()).isEqualTo(keptWidth);
  }

  // Exif, tag 0x0112: which edge of the picture the red half is on once it stands upright.
  @ParameterizedTest
  @CsvSource({
    "1, left",
    "2, right",
    "3, right",
    "4, left",
    "5, top",
    "6, top",
    "7, bottom",
    "8, bottom",
  })
  void everyWayOfHoldingTheCameraEndsUpright(int orientation, String red) throws IOException {
    Jpeg kept = Jpeg.ofUpload(Pixels.withExif(Pixels.jpeg(80, 40), orientation));
    BufferedImage seen = ImageIO.read(new ByteArrayInputStream(kept.bytes()));
    boolean isTurned = orientation > 4;
    assertThat(seen.getWidth()).isEqualTo(isTurned ? 40 : 80);
    int x = red.equals("left") ? 4 : red.equals("right") ? seen.getWidth() - 5 : 20;
    int y = red.equals("top") ? 4 : red.equals("bottom") ? seen.getHeight() - 5 : 20;
    int colour = seen.getRGB(x, y);
    assertThat(colour >> 16 & 0xff).isGreaterThan(colour & 0xff);
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 9, 200})
  void anOrientationThatIsNoneIsUpright(int orientation) throws IOException {
    Jpeg kept = Jpeg.ofUpload(Pixels.withExif(Pixels.jpeg(80, 40), orientation));
    assertThat(kept.width()).isEqualTo(80);
  }

  @Test
  void aBrokenNoteOfTheCameraIsPassedOver() throws IOException {
    byte[] whole = Pixels.withExif(Pixels.jpeg(80, 40), 6);
    for (int at = 12; at < 38; at++) {
      byte[] broken = whole.clone();
      broken[at] = (byte) 0xff;
      Jpeg kept = Jpeg.ofUpload(broken);
      assertThat(Math.max(kept.width(), kept.height())).isEqualTo(80);
    }
  }

  @Test
  void whatIsSeenThroughIsWhite() throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB), "png", png);
    Jpeg kept = Jpeg.ofUpload(png.toByteArray());
    BufferedImage seen = ImageIO.read(new ByteArrayInputStream(kept.bytes()));
    assertThat(seen.getRGB(20, 20)).isEqualTo(0xffffffff);
  }

  @Test
  void onlySmallJpegsAreTakenFromAnArchive() throws IOException {
    assertThatThrownBy(() -> Jpeg.kept(Pixels.png(10, 10)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Jpeg.kept(Pixels.jpeg(1300, 10)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1200");
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 3, 8, 40, 120})
  void whatIsCutOffIsRefusedInWords(int bytes) throws IOException {
    byte[] png = Arrays.copyOf(Pixels.png(40, 40), bytes);
    byte[] jpeg = Arrays.copyOf(Pixels.jpeg(40, 40), bytes);
    for (byte[] cutOff : List.of(png, jpeg)) {
      assertThatThrownBy(() -> Jpeg.ofUpload(cutOff))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageMatching("(?s).*(neither|cannot be read).*");
    }
  }
}
