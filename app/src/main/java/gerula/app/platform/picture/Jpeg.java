package gerula.app.platform.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.ImageFilter;

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
    return written(shrunk(read, CameraNote.upright(upload)));
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

  /**
   * The same, small enough for a line of a list.
   *
   * @param longest side in pixels
   */
  public static byte[] small(byte[] kept, int longest) {
    try (SentPicture source = SentPicture.of(kept)) {
      BufferedImage read =
          source.read(Math.max(1, Math.max(source.width(), source.height()) / (2 * longest)));
      double scale = Math.min(1, (double) longest / Math.max(read.getWidth(), read.getHeight()));
      return written(Thumbnails.of(onWhite(read)).scale(scale).asBufferedImage()).bytes();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
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

  private static BufferedImage shrunk(BufferedImage image, ImageFilter upright) {
    double scale = Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
    try {
      return Thumbnails.of(onWhite(image)).scale(scale).addFilter(upright).asBufferedImage();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  /** A JPEG has no see-through pixels; left to itself the writer makes them black. */
  private static BufferedImage onWhite(BufferedImage image) {
    BufferedImage opaque =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = opaque.createGraphics();
    brush.drawImage(image, 0, 0, Color.WHITE, null);
    brush.dispose();
    return opaque;
  }

  private static Jpeg written(BufferedImage image) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      Thumbnails.of(image)
          .scale(1)
          .outputFormat("jpg")
          .outputQuality(QUALITY)
          .toOutputStream(bytes);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return new Jpeg(bytes.toByteArray(), image.getWidth(), image.getHeight());
  }
}
