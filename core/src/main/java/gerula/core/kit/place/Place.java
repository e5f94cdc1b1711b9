package gerula.core.kit.place;

import gerula.core.quantity.Mass;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Anywhere a thing can be.
 *
 * @param parent the place it lies in now, null when it stands alone
 * @param home the place it belongs in, null when it belongs nowhere else
 * @param reach its order of reach among its neighbours, 1 is opened first
 * @param ownMass the empty place
 * @param greatestMass what it may weigh with all it holds, null without a limit
 * @param thing the item this place is, when it is one: a palette is a thing and holds pans
 * @param setContents what it is to hold when it is ready, empty where nobody said it
 * @param carrier how clean it is
 */
@RecordBuilder
public record Place(
    UUID id,
    @Nullable UUID parent,
    @Nullable UUID home,
    String name,
    PlaceKind kind,
    boolean isPortable,
    int reach,
    Inside inside,
    Mass ownMass,
    @Nullable Mass greatestMass,
    Purpose purpose,
    @Nullable UUID thing,
    List<SetContent> setContents,
    CarrierState carrier) {

  public Place {
    setContents = List.copyOf(setContents);
  }

  /** The same, as clean as this. */
  public Place carrying(CarrierState state) {
    return PlaceBuilder.builder(this).carrier(state).build();
  }

  /**
   * Whether it comes off what it lies in, with all it holds: a pouch, the tier of a case. A palette
   * goes as the item it is.
   */
  public boolean comesOff() {
    return isPortable && thing == null && kind != PlaceKind.PALETTE;
  }

  /** Whether pans can be laid into its slots; those of a brush belt hold brushes. */
  public boolean takesPans() {
    return inside.slots() != null && kind != PlaceKind.BELT;
  }

  /** One of which nothing but its whereabouts is known. */
  public static Place bare(UUID id, @Nullable UUID parent, String name, PlaceKind kind, int reach) {
    return PlaceBuilder.stagedBuilder()
        .id(id)
        .parent(parent)
        .home(null)
        .name(name)
        .kind(kind)
        .isPortable(false)
        .reach(reach)
        .inside(Inside.UNMEASURED)
        .ownMass(Mass.NONE)
        .greatestMass(null)
        .purpose(Purpose.ANY)
        .thing(null)
        .setContents(List.of())
        .carrier(CarrierState.CLEAN)
        .build();
  }
}
