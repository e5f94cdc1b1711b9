package gerula.core.packing;

import gerula.core.booking.NeedCode;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Why an item is not on a list.
 *
 * @param isOnList whether it is after all
 * @param answers one for each need that asks for such a thing; empty where none does
 */
public record WhyNot(boolean isOnList, List<NeedAnswer> answers) {

  /** More is not read. */
  static final int MOST = 12;

  /**
   * Why it does not serve one need.
   *
   * @param refusal what stands in its way, null where it would do
   * @param instead what is taken, null where it is refused
   * @param because in what that is liked better, null where it is refused
   */
  public record NeedAnswer(
      NeedCode need,
      List<UUID> faces,
      @Nullable Refusal refusal,
      @Nullable UUID instead,
      @Nullable Preferred because) {}

  public WhyNot {
    answers = List.copyOf(answers);
  }
}
