package gerula.app.kit.intake;

import gerula.core.kit.intake.place.PlaceLine;
import gerula.core.kit.opencase.Tray;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said of places that are typed in one line, over HTTP. */
final class PlaceLineRecords {

  private static final String TOO_LONG = "A line has at most " + PlaceLine.LONGEST + " characters.";

  private PlaceLineRecords() {}

  /** "rolling case, 3 trays 30x20x6, drawer below". */
  record ReadPlaceLine(
      @NotNull(message = "Write a line.") @Size(max = PlaceLine.LONGEST, message = TOO_LONG)
          String line) {}

  /**
   * @param in the place they are made in, null when they stand on their own
   */
  record AddPlaceLine(
      @NotNull UUID actId,
      @NotNull(message = "Write a line.") @Size(max = PlaceLine.LONGEST, message = TOO_LONG)
          String line,
      @Nullable UUID in) {}

  /**
   * What a line tells of, drawn to scale; the ids are made up for the drawing.
   *
   * @param places how many it would make, those within others too
   * @param estimated how many of them have measures that are a rough size only
   * @param unmeasured how many of them have no measures, and are drawn in a usual size
   * @param drawn those that lie in no other
   */
  record PlacesRead(int places, int estimated, int unmeasured, List<Tray> drawn) {}

  /**
   * @param made those that lie in no other of the line
   * @param places how many were made in all
   */
  record PlacesAdded(List<UUID> made, int places) {}

  /**
   * A bag as artists usually have it.
   *
   * @param line as one would type it
   */
  record UsualBagView(String code, String line) {}
}
