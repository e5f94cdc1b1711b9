package gerula.app.archive;

import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What an archive says of itself, and what it holds.
 *
 * @param format always "gerula-workspace"
 * @param version of the format, 1 to {@value #VERSION}
 * @param writtenOn the day it was written; dates can be moved along with it
 * @param counts how many elements each of its lists has
 * @param sha256 over everything but the closing, by value: see {@link ArchiveDigest}
 * @param closing what the writer said of counts and digest; null when the file has none
 */
record ArchiveHead(
    String format,
    int version,
    @Nullable LocalDate writtenOn,
    Map<String, Long> counts,
    String sha256,
    @Nullable Closing closing) {

  static final String FORMAT = "gerula-workspace";

  /**
   * From 2 on an archive ends with its counts and its digest; from 3 on its history keeps only what
   * changed and says of which level it is; from 4 on it says who did what; from 5 on it speaks of
   * spoilage reports; from 6 on by the classes that older ones were parted into; from 7 on it says
   * what a label was found to say and when, and what else a product is for; from 9 on what sort of
   * job a booking is, more of its faces, what was decided about its list, and what colours are
   * there for; from 10 on what a face's skin was measured as, groups of faces, single days of a
   * booking, how far a base may lie from a face, and the looks of faces; from 11 on the house's
   * practices; from 12 on treatments and incidents; from 13 on how clean bags are, and what places
   * are to hold; from 14 on where things are packed, and how a house packs and carries; from 15 on
   * shops and what they offer; from 16 on what places serve for and what is ordered; from 17 on
   * parcels, the money of the house, what is on trial and what is no longer made; from 18 on for
   * which needs of a booking something is borrowed or bought. All earlier ones are still read.
   */
  static final int VERSION = 18;

  private static final int FIRST_WITH_CLEAR_CLASSES = 6;

  /** Whether a class of it may be one that is several by now. */
  boolean hasFormerClasses() {
    return version < FIRST_WITH_CLEAR_CLASSES;
  }

  private static final int FIRST_WITH_LINER = 9;

  /** Whether liner is told as a part of the eyes. */
  boolean hasLinerWithTheEyes() {
    return version < FIRST_WITH_LINER;
  }

  static final String CLOSING = "closing";

  /** The last part of a file: only what was written to its end has it. */
  record Closing(Map<String, Long> counts, String sha256) {}
}
