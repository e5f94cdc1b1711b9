package gerula.app.platform.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** A picture somebody sent, opened but not yet read: its measures are known before its pixels. */
final class SentPicture implements AutoCloseable {

  private final ImageInputStream stream;
  private final ImageReader reader;

  private SentPicture(ImageInputStream stream, ImageReader reader) {
    this.stream = stream;
    this.reader = reader;
  }

  static SentPicture of(byte[] bytes) {
    String format = format(bytes);
    try {
      ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes));
      ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
      reader.setInput(stream, true, true);
      return new SentPicture(stream, reader);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private static String format(byte[] bytes) {
    if (startsWith(bytes, 0xff, 0xd8, 0xff)) {
      return "jpeg";
    }
    if (startsWith(bytes, 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a)) {
      return "png";
    }
    throw new IllegalArgumentException(
        "This is neither a JPEG nor a PNG picture. Choose one of those; nothing was changed.");
  }

  private static boolean startsWith(byte[] bytes, int... start) {
    if (bytes.length < start.length) {
      return false;
    }
    for (int i = 0; i < start.length; i++) {
      if ((bytes[i] & 0xff) != start[i]) {
        return false;
      }
    }
    return true;
  }

  String format() {
    try {
      return reader.getFormatName().toLowerCase(Locale.ROOT);
    } catch (IOException broken) {
      throw broken(broken);
    }
  }

  int width() {
    try {
      return reader.getWidth(0);
    } catch (IOException | RuntimeException broken) {
      throw broken(broken);
    }
  }

  int height() {
    try {
      return reader.getHeight(0);
    } catch (IOException | RuntimeException broken) {
      throw broken(broken);
    }
  }

  /**
   * @param every only every so many-th pixel is read, 1 for all
   */
  BufferedImage read(int every) {
    try {
      ImageReadParam how = reader.getDefaultReadParam();
      how.setSourceSubsampling(every, every, 0, 0);
      return reader.read(0, how);
    } catch (IOException | RuntimeException broken) {
      throw broken(broken);
    }
  }

  private static IllegalArgumentException broken(Exception why) {
    return new IllegalArgumentException(
        "The picture cannot be read, it is broken or cut off. Take it again.", why);
  }

  @Override
  public void close() {
    reader.dispose();
    try {
      stream.close();
    } catch (IOException ignored) {
      // Nothing was written, and all of it lies in memory.
    }
  }
}
