package gerula.browser;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** What a camera sees that is held at a label: a short film of still pictures. */
final class Film {

  private static final int WIDTH = 640;
  private static final int HEIGHT = 480;
  private static final int CODE = 260;
  private static final int PICTURES = 30;

  private Film() {}

  static void of(String code, Path file) throws IOException {
    BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = picture.createGraphics();
    brush.setColor(new Color(0xf4f1ea));
    brush.fillRect(0, 0, WIDTH, HEIGHT);
    brush.drawImage(qr(code), (WIDTH - CODE) / 2, (HEIGHT - CODE) / 2, null);
    brush.dispose();
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(picture, "jpeg", jpeg);
    try (OutputStream film = Files.newOutputStream(file)) {
      for (int i = 0; i < PICTURES; i++) {
        film.write(jpeg.toByteArray());
      }
    }
  }

  private static BufferedImage qr(String code) {
    try {
      BitMatrix modules = new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, CODE, CODE);
      BufferedImage drawn = new BufferedImage(CODE, CODE, BufferedImage.TYPE_INT_RGB);
      for (int x = 0; x < CODE; x++) {
        for (int y = 0; y < CODE; y++) {
          drawn.setRGB(x, y, modules.get(x, y) ? 0x101010 : 0xfafafa);
        }
      }
      return drawn;
    } catch (WriterException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
