package gerula.core.kit;

import gerula.core.quantity.Mass;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Anywhere a thing can be.
 *
 * @param parent the place it lies in, null for a store, a bag or a trailer that stands alone
 * @param reach its order of reach among its neighbours, 1 is opened first
 * @param innerWidthMm null when it was never measured
 * @param innerDepthMm null when it was never measured
 * @param innerHeightMm null when it was never measured
 * @param ownMass the empty place
 * @param greatestMass what it may weigh with all it holds, null without a limit
 * @param section what it is laid out for, null for anything
 */
public record Place(
    UUID id,
    @Nullable UUID parent,
    String name,
    PlaceKind kind,
    boolean isPortable,
    int reach,
    @Nullable Integer innerWidthMm,
    @Nullable Integer innerDepthMm,
    @Nullable Integer innerHeightMm,
    Mass ownMass,
    @Nullable Mass greatestMass,
    @Nullable Section section) {}
