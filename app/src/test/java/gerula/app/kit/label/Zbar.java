package gerula.app.kit.label;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/** The decoder of Debian's zbar-tools, as a program of its own. */
final class Zbar {

  private Zbar() {}

  /** Every QR code in these pictures. */
  static List<String> read(List<BufferedImage> pictures) throws IOException {
    List<String> found = new ArrayList<>();
    for (BufferedImage picture : pictures) {
      Path file = Files.createTempFile("label", ".png");
      try {
        ImageIO.write(picture, "png", file.toFile());
        found.addAll(read(file));
      } finally {
        Files.delete(file);
      }
    }
    return found;
  }

  private static List<String> read(Path file) throws IOException {
    Process zbar =
        new ProcessBuilder(
                "zbarimg", "--quiet", "--raw", "-Sdisable", "-Sqrcode.enable", file.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    return new String(zbar.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
        .lines()
        .toList();
  }
}
