package gerula.app.booking;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.booking.look.Look;
import gerula.core.booking.look.LookPart;
import gerula.core.kit.product.ProductClass;
import gerula.core.shade.Lab;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A look as somebody writes it down.
 *
 * @param day on which; null for every day of the booking
 * @param from where it comes from, as a trial or another artist's sheet
 * @param parts in the order in which they are put on; without any and without photographs the look
 *     is taken away
 * @param pictures ids of its photographs; null: those that are there
 */
public record LookDraft(
    @NotNull(message = "Say what the look is for.") Look.Purpose purpose,
    @Nullable LocalDate day,
    @NotNull @Size(max = 120, message = "Where it comes from takes at most 120 characters.")
        String from,
    @NotNull @Size(max = 2000, message = "A note has at most 2000 characters.") String note,
    @NotNull @Size(max = Look.MOST_PARTS, message = "A look has at most 60 parts.") @Valid
        List<@NotNull PartDraft> parts,
    @Nullable List<@NotNull UUID> pictures) {

  /**
   * One product of a look.
   *
   * @param product of the kit, null where the kit has none like it
   * @param told what it is called
   * @param colour as #rrggbb, or lightness, a and b of CIELAB; null where nobody measured it
   * @param tenths how much of a mix it is, 1 to 10; null: it is not mixed
   * @param tool what it is put on with
   * @param where on the face
   */
  public record PartDraft(
      @Nullable UUID product,
      @Visible(message = "Say what it is called.")
          @Size(max = 120, message = "A name has at most 120 characters.")
          String told,
      @NotNull(message = "Say what it is.") ProductClass productClass,
      @Nullable @Size(max = 40, message = "A colour has at most 40 characters.") String colour,
      @Nullable Integer tenths,
      @NotNull @Size(max = 80, message = "A tool has at most 80 characters.") String tool,
      @NotNull @Size(max = 80, message = "A place has at most 80 characters.") String where,
      @NotNull @Size(max = 500, message = "A note has at most 500 characters.") String note) {

    static PartDraft of(LookPart part) {
      return new PartDraft(
          part.product(),
          part.told(),
          part.productClass(),
          part.colour() == null ? null : part.colour().told(),
          part.tenths(),
          part.tool(),
          part.where(),
          part.note());
    }

    private Optional<LookPart> toPart(Faults faults, String path) {
      Optional<Optional<Lab>> seen =
          faults.build(
              path + "colour",
              () -> Optional.ofNullable(colour).filter(text -> !text.isBlank()).map(Lab::read));
      return seen.flatMap(
          lab ->
              faults.build(
                  path + "tenths",
                  () ->
                      new LookPart(
                          product,
                          told.strip(),
                          productClass,
                          lab.orElse(null),
                          tenths == null ? LookPart.ALL : tenths,
                          tool.strip(),
                          where.strip(),
                          note.strip())));
    }
  }

  static LookDraft of(Look look) {
    return new LookDraft(
        look.purpose(),
        look.day(),
        look.from(),
        look.note(),
        look.parts().stream().map(PartDraft::of).toList(),
        look.pictures());
  }

  LookDraft laterBy(long days) {
    return day == null
        ? this
        : new LookDraft(purpose, day.plusDays(days), from, note, parts, pictures);
  }

  /** The core's look; what is wrong with it is told. */
  Optional<Look> toLook(Faults faults, String path) {
    List<LookPart> built = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      parts.get(i).toPart(faults, path + "parts[" + i + "].").ifPresent(built::add);
    }
    return faults.build(
        path + "parts",
        () -> new Look(purpose, day, from, note, built, pictures == null ? List.of() : pictures));
  }

  /** All looks of a face; two that are asked for on one day are a fault. */
  static List<Look> toLooks(List<LookDraft> drafts, Faults faults, String path) {
    List<Look> looks = new ArrayList<>();
    for (int i = 0; i < drafts.size(); i++) {
      String at = path + "[" + i + "].";
      Optional<Look> look = drafts.get(i).toLook(faults, at);
      look.ifPresent(
          one ->
              faults.unless(
                  looks.stream().noneMatch(one::contradicts),
                  at + "day",
                  "twice",
                  "Two looks are asked for on one day. Keep one, or give them different days."));
      look.ifPresent(looks::add);
    }
    return looks;
  }
}
