package gerula.app.kit.place;

import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.ProductClass;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Collection;
import java.util.List;

/** A kind of thing a place is to hold, as somebody writes it. */
public record SetContentDraft(
    @NotNull(message = "Say what it is to hold.") ProductClass productClass,
    @Min(value = 1, message = "A place is to hold 1 to 9,999 of something.")
        @Max(
            value = SetContent.MOST_PIECES,
            message = "A place is to hold 1 to 9,999 of something.")
        int pieces) {

  static List<SetContentDraft> of(Collection<SetContent> contents) {
    return contents.stream()
        .map(one -> new SetContentDraft(one.productClass(), one.pieces()))
        .toList();
  }

  public static List<SetContent> contents(Collection<SetContentDraft> drafts) {
    return drafts.stream().map(one -> new SetContent(one.productClass, one.pieces)).toList();
  }

  /** Whether each kind of thing stands there once. */
  public static boolean isClear(Collection<SetContentDraft> drafts) {
    return drafts.stream().map(SetContentDraft::productClass).distinct().count() == drafts.size();
  }
}
