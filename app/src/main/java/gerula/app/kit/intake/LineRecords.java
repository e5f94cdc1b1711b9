package gerula.app.kit.intake;

import gerula.app.platform.errors.FieldFault;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said of lines over HTTP. */
final class LineRecords {

  private LineRecords() {}

  /**
   * A line as it was typed.
   *
   * @param corrections what was put right by hand, by the column it would stand in; empty text for
   *     what is not so
   */
  record TypedLine(
      @NotNull(message = "Write a line.")
          @Size(max = 500, message = "A line has at most 500 characters.")
          String line,
      @NotNull Map<KitColumn, @Size(max = 500) String> corrections) {}

  /** Lines to be read. */
  record ReadLines(
      @NotNull @Size(max = 200, message = "At most 200 lines are read at once.")
          List<@NotNull @jakarta.validation.Valid TypedLine> lines) {}

  /**
   * Lines to be added.
   *
   * @param place where they lie and belong, null when nobody says
   * @param picture one that was still to be named, and shows what these lines name; null for none
   */
  record AddLines(
      @NotNull UUID actId,
      @Nullable UUID place,
      @Nullable UUID picture,
      @NotNull @Size(min = 1, max = 200, message = "From 1 to 200 lines are added at once.")
          List<@NotNull @jakarta.validation.Valid TypedLine> lines) {}

  /**
   * @param from its first character, inclusive, in UTF-16 units
   * @param to exclusive
   * @param as the field that it fills
   */
  record TokenAnswer(int from, int to, String as) {}

  /**
   * A line, read.
   *
   * @param tokens which part of it was taken for what
   * @param items one, or one for each shade of a range
   * @param count how many of each
   * @param faults why it cannot be added as it stands
   */
  record LineShown(
      String line,
      List<TokenAnswer> tokens,
      List<ThingRead> items,
      int count,
      List<FieldFault> faults) {}

  /**
   * A thing as it would be added.
   *
   * @param guessed what the line does not tell: proposed from what it does
   */
  @RecordBuilder
  record ThingRead(
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      ProductClass productClass,
      Form form,
      BigDecimal content,
      Unit unit,
      BigDecimal left,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate printedExpiry,
      @Nullable Integer periodAfterOpening,
      @Nullable BigDecimal price,
      @Nullable String currency,
      String note,
      List<KitColumn> guessed) {

    static ThingRead of(KitReader.Read row, Set<KitColumn> proposed) {
      Set<KitColumn> guessed = new TreeSet<>(proposed);
      guessed.addAll(row.guessed());
      return ThingReadBuilder.stagedBuilder()
          .maker(row.product().maker())
          .name(row.product().name())
          .shade(row.product().shade())
          .colour(row.product().colour())
          .productClass(row.product().productClass())
          .form(row.product().form())
          .content(row.product().content())
          .unit(row.product().unit())
          .left(row.item().left())
          .openedOn(row.item().openedOn())
          .printedExpiry(row.item().printedExpiry())
          .periodAfterOpening(row.product().periodAfterOpening())
          .price(row.item().price())
          .currency(row.item().currency())
          .note(row.item().note())
          .guessed(List.copyOf(guessed))
          .build();
    }
  }

  /** How many things were added. */
  record LinesAdded(int added) {}
}
