package gerula.app.platform.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * A picture as it is kept: JPEG, upright, at most {@value #LONGEST} pixels long, without metadata.
 *
 * @param width in pixels
 * @param height in pixels
 */
public record Jpeg(byte[] bytes, int width, int height) {

  /** As many pixels as a screen shows of one thing. */
  public static final int LONGEST = 1200;

  /** The largest picture a hand's camera takes; a small file can claim to be far larger. */
  static final long MOST_PIXELS = 60_000_000;

  private static final float QUALITY = 0.85f;

  /**
   * Makes a picture ready to be kept. What it is is told by its content, not by what it is called.
   *
   * @throws IllegalArgumentException when it is neither JPEG nor PNG, is broken, or is larger than
   *     {@value #MOST_PIXELS} pixels
   */
  public static Jpeg ofUpload(byte[] upload) {
    BufferedImage read = read(upload);
    return written(Orientation.of(upload).upright(shrunk(read)));
  }

  /**
   * One that was kept before, as an archive brings it. Whatever somebody put into it that is not
   * seen is left out: then it is made anew.
   *
   * @throws IllegalArgumentException when it is not such a picture
   */
  public static Jpeg kept(byte[] bytes) {
    try (SentPicture source = SentPicture.of(bytes)) {
      if (!source.format().equals("jpeg") || Math.max(source.width(), source.height()) > LONGEST) {
        throw new IllegalArgumentException(
            "A picture in an archive is a JPEG of at most " + LONGEST + " pixels.");
      }
      source.read(1);
      return JpegParts.isPlain(bytes)
          ? new Jpeg(bytes, source.width(), source.height())
          : ofUpload(bytes);
    }
  }

  private static BufferedImage read(byte[] upload) {
    try (SentPicture source = SentPicture.of(upload)) {
      long pixels = (long) source.width() * source.height();
      if (pixels > MOST_PIXELS) {
        throw new IllegalArgumentException(
            "The picture has "
                + pixels / 1_000_000
                + " million pixels, more than any camera makes. Choose a smaller one.");
      }
      // Reading every second or third pixel spares the memory of the whole picture.
      return source.read(Math.max(1, Math.max(source.width(), source.height()) / (2 * LONGEST)));
    }
  }

  private static BufferedImage shrunk(BufferedImage image) {
    double scale = Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
    BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = small.createGraphics();
    brush.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    brush.setColor(java.awt.Color.WHITE);
    brush.fillRect(0, 0, width, height);
    brush.drawImage(image, 0, 0, width, height, null);
    brush.dispose();
    return small;
  }

  private static Jpeg written(BufferedImage image) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    } finally {
      writer.dispose();
    }
    return new Jpeg(bytes.toByteArray(), image.getWidth(), image.getHeight());
  }
}
