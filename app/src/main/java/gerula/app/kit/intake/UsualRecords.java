package gerula.app.kit.intake;

import gerula.core.kit.intake.UsualTray;
import gerula.core.kit.item.Level;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Unit;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said of the usual kit over HTTP. */
final class UsualRecords {

  private UsualRecords() {}

  /**
   * A shade that is offered.
   *
   * @param colour sRGB as #rrggbb, what its name usually looks like; null where it tells none
   */
  record UsualShade(String name, @Nullable String colour) {}

  /**
   * A kind of thing that can be ticked.
   *
   * @param content what a full pack usually holds, in the unit
   * @param widthMm seen from above, estimated from form and content
   * @param depthMm seen from above, estimated
   * @param asksDepths whether it is told apart by the skin depth it suits
   * @param shades what it is told apart by otherwise
   * @param owned how many of its class and form the kit has already
   */
  record UsualView(
      String code,
      String name,
      ProductClass productClass,
      Section section,
      UsualTray tray,
      BigDecimal content,
      Unit unit,
      int widthMm,
      int depthMm,
      boolean asksDepths,
      List<UsualShade> shades,
      int owned) {}

  /** What is usual, in the order of the work. */
  record UsualList(List<UsualView> kinds) {}

  /**
   * Something somebody owns.
   *
   * @param code of the kind
   * @param shades which of them; none: of no particular shade
   * @param depths skin depths it suits, 1 to 10
   * @param count how many of each
   * @param level roughly how full they are
   */
  record TickedKind(
      @NotBlank String code,
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 80) String> shades,
      @NotNull @Size(max = 20)
          List<
                  @NotNull @DecimalMin(value = "1", message = "A skin depth is 1 to 10.")
                  @DecimalMax(value = "10", message = "A skin depth is 1 to 10.") Double>
              depths,
      @Min(value = 1, message = "Add 1 to 50 of one item at once.")
          @Max(value = 50, message = "Add 1 to 50 of one item at once.")
          int count,
      @NotNull Level level) {}

  /**
   * What somebody owns, and where it lies.
   *
   * @param into the place, in whose parts things go by what these are for; null makes a case with a
   *     tray for each part of the work
   */
  record AddUsual(
      @NotNull UUID actId,
      @Nullable UUID into,
      @NotNull @Size(min = 1, max = 250, message = "Tick 1 to 250 kinds at once.")
          List<@NotNull @Valid TickedKind> ticked) {}

  /**
   * @param added how many things
   * @param place where they lie
   */
  record UsualAdded(int added, UUID place) {}
}
