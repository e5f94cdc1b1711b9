package gerula.app.platform.picture;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.util.Arrays;

/** How a camera was held: it notes that beside the pixels instead of turning them. */
enum Orientation {
  // In the order of the numbers 1 to 8 of the Exif standard (CIPA DC-008), tag 0x0112.
  UPRIGHT(0, false),
  MIRRORED(0, true),
  HALF_TURN(2, false),
  HALF_TURN_MIRRORED(2, true),
  LEFT_MIRRORED(3, true),
  LEFT(1, false),
  RIGHT_MIRRORED(1, true),
  RIGHT(3, false);

  private static final int TAG = 0x0112;

  private final int quarterTurns;
  private final boolean isMirrored;

  Orientation(int quarterTurns, boolean isMirrored) {
    this.quarterTurns = quarterTurns;
    this.isMirrored = isMirrored;
  }

  /** What the picture notes; upright when it notes nothing that can be read. */
  static Orientation of(byte[] picture) {
    int exif = indexOfExif(picture);
    if (exif < 0) {
      return UPRIGHT;
    }
    try {
      return inExif(ByteBuffer.wrap(picture, exif, picture.length - exif).slice());
    } catch (IndexOutOfBoundsException | java.nio.BufferUnderflowException cutOff) {
      return UPRIGHT;
    }
  }

  private static int indexOfExif(byte[] picture) {
    byte[] mark = {'E', 'x', 'i', 'f', 0, 0};
    int furthest = Math.min(picture.length - mark.length, 65_536);
    for (int at = 0; at < furthest; at++) {
      if (Arrays.equals(picture, at, at + mark.length, mark, 0, mark.length)) {
        return at + mark.length;
      }
    }
    return -1;
  }

  private static Orientation inExif(ByteBuffer tiff) {
    tiff.order(
        tiff.get(0) == 'I' ? java.nio.ByteOrder.LITTLE_ENDIAN : java.nio.ByteOrder.BIG_ENDIAN);
    int directory = tiff.getInt(4);
    int entries = Short.toUnsignedInt(tiff.getShort(directory));
    for (int i = 0; i < entries; i++) {
      int entry = directory + 2 + 12 * i;
      if (Short.toUnsignedInt(tiff.getShort(entry)) == TAG) {
        int number = Short.toUnsignedInt(tiff.getShort(entry + 8));
        return number >= 1 && number <= values().length ? values()[number - 1] : UPRIGHT;
      }
    }
    return UPRIGHT;
  }

  /** The picture as it was seen. */
  BufferedImage upright(BufferedImage image) {
    if (this == UPRIGHT) {
      return image;
    }
    int width = image.getWidth();
    int height = image.getHeight();
    boolean isTurned = quarterTurns % 2 == 1;
    BufferedImage turned =
        new BufferedImage(
            isTurned ? height : width, isTurned ? width : height, BufferedImage.TYPE_INT_RGB);
    AffineTransform turn = new AffineTransform();
    turn.translate(turned.getWidth() / 2.0, turned.getHeight() / 2.0);
    turn.quadrantRotate(quarterTurns);
    if (isMirrored) {
      turn.scale(-1, 1);
    }
    turn.translate(-width / 2.0, -height / 2.0);
    Graphics2D brush = turned.createGraphics();
    brush.drawImage(image, turn, null);
    brush.dispose();
    return turned;
  }
}
