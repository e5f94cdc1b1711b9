package gerula.app.kit.product;

import com.fasterxml.jackson.annotation.JsonAlias;
import gerula.app.kit.Kit;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.kit.code.PackCode;
import gerula.core.kit.intake.FormerClass;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.ProductShade;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A product as somebody describes it.
 *
 * @param colour sRGB as #rrggbb, null when unknown
 * @param content what a full pack holds, in the unit
 * @param alsoServes what else it is for besides its class, null or empty when nothing
 * @param composition what its label was found to say; a bare word says that it contains it
 * @param depth skin depth it suits, 1 to 10, null for any
 * @param shades those that lie side by side in one pack, null or empty where it is of one shade
 * @param periodAfterOpening months, null when none is printed
 * @param spf sun protection factor as printed, null without one
 * @param wattHours what its battery holds, null without one
 * @param brushes how many there are in a set of brushes, null where nobody said it
 * @param packCode the number under the bars, null when never noted
 */
@RecordBuilder
public record ProductDraft(
    @NotNull(message = "Write the maker, or leave it empty.")
        @Size(max = 80, message = "A maker has at most 80 characters.")
        String maker,
    @Visible(message = "A product has a name.")
        @Size(max = 120, message = "A name has at most 120 characters.")
        String name,
    @NotNull(message = "Write the shade, or leave it empty.")
        @Size(max = 80, message = "A shade has at most 80 characters.")
        String shade,
    @Nullable @Pattern(regexp = "#[0-9a-fA-F]{6}", message = "A colour is written like #c49a78.")
        String colour,
    @NotNull(message = "Say what it is for.") ProductClass productClass,
    @Nullable @Size(max = 12, message = "A product has at most 12 further uses.")
        Set<ProductClass> alsoServes,
    @NotNull(message = "Say what form it has.") Form form,
    @NotNull(message = "Say how much a full pack holds.") BigDecimal content,
    @NotNull(message = "Say in which unit.") Unit unit,
    @Nullable Double depth,
    @Nullable @Size(max = ProductShade.MOST, message = "One pack holds at most 60 shades.")
        List<@NotNull @Valid ShadeDraft> shades,
    @Nullable Set<@NotNull Role> roles,
    @NotNull @Size(max = 30) Set<Trait> traits,
    @JsonAlias("contains") @NotNull @Size(max = 30, message = "At most 30 sensitivities are noted.")
        List<@NotNull @Valid LabelAnswer> composition,
    @Nullable
        @Min(value = 1, message = "A period after opening is 1 to 120 months.")
        @Max(value = 120, message = "A period after opening is 1 to 120 months.")
        Integer periodAfterOpening,
    @Nullable @Valid MeasuresDraft measures,
    @Nullable Finish finish,
    @Nullable Coverage coverage,
    @Nullable
        @Min(value = 2, message = "A sun protection factor is 2 to 100.")
        @Max(value = 100, message = "A sun protection factor is 2 to 100.")
        Integer spf,
    @Nullable
        @DecimalMin(value = "0.01", message = "A battery holds 0.01 to 10,000 Wh.")
        @DecimalMax(value = "10000", message = "A battery holds 0.01 to 10,000 Wh.")
        BigDecimal wattHours,
    @Nullable
        @Pattern(regexp = "[0-9 -]{8,20}", message = "A pack code has 8, 12, 13 or 14 digits.")
        String packCode,
    @Nullable
        @Min(value = 1, message = "A set has 1 to 200 brushes.")
        @Max(value = 200, message = "A set has 1 to 200 brushes.")
        Integer brushes) {

  /** Outer measures of a full pack; mass is content and pack together. */
  public record MeasuresDraft(
      @NotNull Outline outline, int widthMm, int depthMm, int heightMm, int massG) {}

  /** The same line in another shade. */
  public ProductDraft ofShade(Kit.Shade one) {
    return ProductDraftBuilder.builder(this)
        .shade(one.shade().strip())
        .colour(one.colour())
        .depth(one.depth())
        .shades(List.of())
        .packCode(null)
        .build();
  }

  /** What a face and a condition ask of it; a sun protection factor is also a trait. */
  Set<Trait> allTraits() {
    Set<Trait> all = EnumSet.noneOf(Trait.class);
    all.addAll(traits);
    if (spf != null) {
      all.add(Trait.SPF);
    }
    return all;
  }

  /** What its colour is there for, where somebody said so. */
  public Set<Role> toldRoles() {
    return roles == null ? Set.of() : roles;
  }

  /** Those in one pack. */
  List<ProductShade> allShades() {
    return shades == null ? List.of() : shades.stream().map(ShadeDraft::toShade).toList();
  }

  /** What else it is for. */
  public Set<ProductClass> furtherUses() {
    return alsoServes == null ? Set.of() : alsoServes;
  }

  /** The pack code as it is kept, null without one. */
  @Nullable String canonicalPackCode() {
    return packCode == null ? null : PackCode.of(packCode).canonical();
  }

  /** The core's product, or nothing when faults were added. */
  public Optional<Product> toProduct(UUID id, Faults faults, String path) {
    if (packCode != null) {
      PackCode code = PackCode.of(packCode);
      faults.unless(
          code.isValid(),
          path + "packCode",
          "wrong-check-digit",
          code.kind() == PackCode.PackCodeKind.UNKNOWN
              ? "A pack code has 8, 12, 13 or 14 digits, but this has " + code.code().length() + "."
              : "The last digit of "
                  + code.code()
                  + " should be "
                  + code.expectedCheckDigit()
                  + ": read it again.");
    }
    if (content.signum() <= 0) {
      faults.unless(
          false,
          path + "content",
          "out-of-range",
          "A full pack holds more than nothing, but this is " + content + ".");
      return Optional.empty();
    }
    return faults
        .build(path + "content", () -> Quantity.of(content, unit))
        .flatMap(quantity -> withMeasures(id, quantity, faults, path));
  }

  private Optional<Product> withMeasures(UUID id, Quantity quantity, Faults faults, String path) {
    Optional<Optional<Measures>> own =
        faults.build(path + "measures", () -> Optional.ofNullable(measures).map(ProductDraft::of));
    Optional<Composition> read =
        faults.build(path + "composition", () -> LabelAnswer.composition(composition));
    Optional<List<ProductShade>> within = faults.build(path + "shades", this::allShades);
    if (own.isEmpty() || read.isEmpty() || within.isEmpty()) {
      return Optional.empty();
    }
    return faults.build(
        path + "depth",
        () ->
            ProductBuilder.stagedBuilder()
                .id(id)
                .maker(maker.strip())
                .name(name.strip())
                .shade(shade.strip())
                .productClass(productClass)
                .alsoServes(furtherUses())
                .form(form)
                .content(quantity)
                .colour(colour)
                .depth(depth)
                .shades(within.get())
                .roles(toldRoles())
                .traits(allTraits())
                .composition(read.get())
                .brushes(brushes)
                .measures(own.get().orElse(null))
                .build());
  }

  public static Measures of(MeasuresDraft draft) {
    return new Measures(
        draft.outline(),
        draft.widthMm(),
        draft.depthMm(),
        draft.heightMm(),
        Mass.ofGrams(draft.massG()));
  }

  /** The same with the class its name means, where it has one that is several by now. */
  public ProductDraft ofClearClass() {
    return ProductDraftBuilder.builder(this)
        .productClass(FormerClass.clear(productClass, name, shade))
        .build();
  }
}
