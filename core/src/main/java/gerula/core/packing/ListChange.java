package gerula.core.packing;

import gerula.core.rule.Reason;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What became of a list since it was looked at. Closed: every one has its words on the screen.
 * Needs are told by their codes.
 */
public sealed interface ListChange extends Reason {

  /** What is needed and was there is missing now. */
  record NewlyMissing(String need) implements ListChange {}

  /**
   * It is not on the list any more.
   *
   * @param called what it was called
   * @param needs what it was taken for
   * @param isInKit whether it still is in the kit
   * @param isAskedFor whether anything still asks for such a thing
   * @param refusal what stands in its way, null where nothing does
   * @param because in what another is liked better, null where none is
   * @param instead what is taken for the same now, and was not before
   */
  record WentOff(
      UUID item,
      String called,
      List<String> needs,
      boolean isInKit,
      boolean isAskedFor,
      @Nullable Refusal refusal,
      @Nullable Preferred because,
      List<UUID> instead)
      implements ListChange {}

  /**
   * It was not on the list, and stands for nothing that went off it.
   *
   * @param needs what it is taken for
   */
  record CameOn(UUID item, List<String> needs) implements ListChange {}

  /** Another number of what is counted out. */
  record OtherNumber(UUID item, long before, long now) implements ListChange {}

  /** What was missing is there, or is not needed any more. */
  record NoLongerMissing(String need) implements ListChange {}
}
