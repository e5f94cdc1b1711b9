package gerula.app.kit.find;

import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.rule.Code;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which part of the kit is asked for; what is null narrows nothing.
 *
 * @param q words to be found, in any order and nearly spelt
 * @param mark only things on which this mark is not in order
 * @param state only what is in this state
 * @param place only what lies in this place or in what lies in it
 * @param until only what ends from today up to this day
 * @param sort by name when it is null; what was sought for: the best first
 * @param descending the other way round
 * @param from position of the first thing of the part, from 0
 */
record KitFilter(
    @Nullable @Size(max = 200) String q,
    @Nullable Section section,
    @Nullable ProductClass productClass,
    @Nullable Form form,
    @Nullable MarkName mark,
    @Nullable ItemState state,
    @Nullable UUID place,
    @Nullable LocalDate until,
    @Nullable UUID product,
    KitOrder.@Nullable SortBy sort,
    @Nullable Boolean descending,
    @Nullable @Min(0) Integer from,
    @Nullable @Min(1) @Max(200) Integer most) {

  /** The four marks by name. */
  enum MarkName implements Code {
    PLACE,
    DATE,
    CLEAN,
    AMOUNT
  }

  /** How a thing stands, beside its marks. */
  enum ItemState implements Code {
    SEALED,
    OPENED,
    DECANT,
    FAVOURITE,
    /** Rarely used but needed. */
    RARE,
    /** The artist's own, or kept for one person. */
    NOT_FOR_ALL,
    LENT,
    AT_THE_REPAIRER,
    LOST,
    DISCARDED
  }

  boolean isDescending() {
    return Boolean.TRUE.equals(descending);
  }

  int fromOrFirst() {
    return from == null ? 0 : from;
  }

  int mostOrUsual() {
    return most == null ? 100 : most;
  }
}
