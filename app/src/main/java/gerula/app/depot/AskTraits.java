package gerula.app.depot;

import gerula.core.depot.Thickness;
import org.jspecify.annotations.Nullable;

/**
 * What a product is like, as far as its container is concerned; what is left out is as usual.
 *
 * @param setting dries out in air
 * @param sunscreen protects from the sun
 * @param alcoholPercent by volume, 0 to 100
 */
public record AskTraits(
    @Nullable Thickness thickness,
    boolean setting,
    boolean glitter,
    boolean sunscreen,
    boolean solvent,
    boolean sterile,
    @Nullable Double alcoholPercent) {}
