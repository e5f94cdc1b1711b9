package gerula.app.platform.picture;

/**
 * The parts of a JPEG file (ITU-T T.81, annex B): whether there is anything in it besides what is
 * needed to show it. Cameras put places, dates and names into application segments and comments.
 */
final class JpegParts {

  private static final int START_OF_SCAN = 0xDA;
  private static final int COMMENT = 0xFE;
  private static final int FIRST_APPLICATION = 0xE0;
  private static final int LAST_APPLICATION = 0xEF;

  /** How colours are meant: without it some pictures are shown wrongly. */
  private static final int COLOUR_TRANSFORM = 0xEE;

  private JpegParts() {}

  /** Whether nothing stands before its pixels that is not seen in it, and nothing after its end. */
  static boolean isPlain(byte[] jpeg) {
    int at = 2;
    while (at + 4 <= jpeg.length && (jpeg[at] & 0xff) == 0xff) {
      int marker = jpeg[at + 1] & 0xff;
      if (marker == START_OF_SCAN) {
        return endsWithItsEnd(jpeg);
      }
      int length = (jpeg[at + 2] & 0xff) << 8 | jpeg[at + 3] & 0xff;
      if (isHidden(marker, jpeg, at + 4)) {
        return false;
      }
      at += 2 + length;
    }
    return false;
  }

  private static boolean isHidden(int marker, byte[] jpeg, int content) {
    if (marker == COMMENT) {
      return true;
    }
    boolean isApplication = marker >= FIRST_APPLICATION && marker <= LAST_APPLICATION;
    boolean isJfif =
        marker == FIRST_APPLICATION
            && content + 4 < jpeg.length
            && jpeg[content] == 'J'
            && jpeg[content + 1] == 'F'
            && jpeg[content + 2] == 'I'
            && jpeg[content + 3] == 'F';
    return isApplication && !isJfif && marker != COLOUR_TRANSFORM;
  }

  private static boolean endsWithItsEnd(byte[] jpeg) {
    return (jpeg[jpeg.length - 2] & 0xff) == 0xff && (jpeg[jpeg.length - 1] & 0xff) == 0xd9;
  }
}
