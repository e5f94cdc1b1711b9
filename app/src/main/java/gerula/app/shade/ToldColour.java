package gerula.app.shade;

import gerula.app.platform.web.Facts;
import gerula.core.shade.Lab;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A colour as it is told: in CIELAB under D65, or as a screen shows it. Never both.
 *
 * @param l lightness, 0 to 100
 * @param a -200 to 200, green to red
 * @param b -200 to 200, blue to yellow
 * @param srgb #rrggbb
 */
public record ToldColour(
    @Nullable BigDecimal l, @Nullable BigDecimal a, @Nullable BigDecimal b, @Nullable String srgb) {

  private static final int DECIMALS = 4;

  /** The colour in a field of these facts; what is wrong with it is told there. */
  public static Optional<Lab> in(Facts facts, String name) {
    if (!facts.isTold(name)) {
      return facts.required(name, _ -> Optional.empty());
    }
    boolean isObject = facts.isObject(name);
    return facts.object(
        name, part -> isObject ? read(part, facts.at(name)) : Optional.<Lab>empty());
  }

  private static Optional<Lab> read(Facts part, String path) {
    boolean isLab = Stream.of("l", "a", "b").filter(part::isTold).count() > 0;
    if (part.isTold("srgb")) {
      part.faults()
          .unless(!isLab, path, "two-colours", "Send either l, a and b or srgb, and not both.");
      return part.text("srgb")
          .flatMap(hex -> part.faults().build(part.at("srgb"), () -> Lab.ofSrgb(hex)));
    }
    Optional<BigDecimal> l = part.required("l", part::number);
    Optional<BigDecimal> a = part.required("a", part::number);
    Optional<BigDecimal> b = part.required("b", part::number);
    if (l.isEmpty() || a.isEmpty() || b.isEmpty()) {
      return Optional.empty();
    }
    Optional<Lab> lightness =
        part.faults().build(part.at("l"), () -> new Lab(l.get().doubleValue(), 0, 0));
    Optional<Lab> red =
        part.faults().build(part.at("a"), () -> new Lab(0, a.get().doubleValue(), 0));
    Optional<Lab> yellow =
        part.faults().build(part.at("b"), () -> new Lab(0, 0, b.get().doubleValue()));
    return lightness.flatMap(
        _ ->
            red.flatMap(
                one -> yellow.map(other -> new Lab(lightness.get().l(), one.a(), other.b()))));
  }

  /** A colour of CIELAB, each to four decimals. */
  public record LabView(BigDecimal l, BigDecimal a, BigDecimal b) {
    static LabView of(Lab lab) {
      return new LabView(
          rounded(lab.l(), DECIMALS), rounded(lab.a(), DECIMALS), rounded(lab.b(), DECIMALS));
    }
  }

  /** To so many decimals, half to the even one. */
  static BigDecimal rounded(double value, int decimals) {
    return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_EVEN);
  }
}
