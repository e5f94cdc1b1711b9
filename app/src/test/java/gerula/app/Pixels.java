package gerula.app;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;

/** Pictures for tests. */
public final class Pixels {

  private Pixels() {}

  public static byte[] png(int width, int height) throws IOException {
    return written("png", picture(width, height));
  }

  public static byte[] jpeg(int width, int height) throws IOException {
    return written("jpeg", picture(width, height));
  }

  /** Red on the left, blue on the right. */
  private static BufferedImage picture(int width, int height) {
    BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < width; x++) {
      for (int y = 0; y < height; y++) {
        picture.setRGB(x, y, x < width / 2 ? 0xd02020 : 0x2020d0);
      }
    }
    return picture;
  }

  private static byte[] written(String format, BufferedImage picture) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(picture, format, bytes);
    return bytes.toByteArray();
  }

  /** The same JPEG with a note of how the camera was held, and of where. */
  public static byte[] withExif(byte[] jpeg, int orientation) {
    byte[] exif = {
      (byte) 0xff,
      (byte) 0xe1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      0x01,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
    byte[] whole = new byte[jpeg.length + exif.length];
    System.arraycopy(jpeg, 0, whole, 0, 2);
    System.arraycopy(exif, 0, whole, 2, exif.length);
    System.arraycopy(jpeg, 2, whole, 2 + exif.length, jpeg.length - 2);
    return whole;
  }
}
