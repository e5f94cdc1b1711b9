package gerula.app.packing.load;

import gerula.app.kit.DrawnItem;
import gerula.core.kit.item.Container;
import gerula.core.kit.place.PlaceKind;
import gerula.core.packing.lift.BagLift;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadReason;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the load plan's addresses answer with. */
final class LoadRecords {

  private LoadRecords() {}

  /**
   * The plan of a booking's bags.
   *
   * @param planned whether anything was ever planned
   * @param pieces everything on the list
   * @param left what stays, or has no place yet
   * @param leakProof whether any compartment closes; where none does, what may leak goes anywhere
   * @param portable parts of these bags that come off with all they hold
   */
  record LoadView(
      boolean planned,
      List<LoadedBag> bags,
      List<LoadedPiece> pieces,
      List<WithoutPlace> left,
      boolean leakProof,
      List<PortableView> portable) {}

  /**
   * A part of a bag that comes off whole.
   *
   * @param bag the one it lies in now
   * @param massG with all that goes into it
   * @param home where it belongs, when it does not lie there
   * @param ways the other bags, in their order
   */
  record PortableView(
      UUID place,
      String name,
      UUID bag,
      long massG,
      @Nullable HomeOfPart home,
      List<WholeWayView> ways) {}

  record HomeOfPart(UUID place, String name) {}

  /**
   * Into another bag as a whole.
   *
   * @param into the place of that bag it would lie in
   * @param obstacle what speaks against it; null where it goes in
   */
  record WholeWayView(UUID bag, String name, UUID into, @Nullable LoadObstacle obstacle) {}

  /**
   * @param ownMassG of the empty bag with its parts
   * @param massG with everything that is planned in it
   * @param greatestMassG by its own limit or the house's, null without one
   * @param how it is moved by one person, who is recommended at most the limit
   * @param overG how much more it weighs, 0 where it does not
   */
  record LoadedBag(
      UUID place,
      String name,
      PlaceKind kind,
      long ownMassG,
      long massG,
      @Nullable Long greatestMassG,
      BagLift.How how,
      long limitG,
      long overG,
      List<LoadedRoom> rooms) {}

  /**
   * A compartment, measured from inside in mm.
   *
   * @param id as plans name it
   * @param loose whether it is what a place has beside its parts
   * @param guessed whether its measures are usual ones and not its own
   * @param reach when it is opened, 1 first
   * @param fill share of its volume that is taken
   */
  record LoadedRoom(
      String id,
      UUID place,
      @Nullable Integer slot,
      String name,
      int widthMm,
      int depthMm,
      int heightMm,
      boolean loose,
      boolean guessed,
      boolean closed,
      int reach,
      double fill) {}

  /**
   * One piece, as it lies. In mm from the left front lower corner of its compartment.
   *
   * @param compartment null as long as it has no place
   * @param usual where it usually lies, null where that is in no bag that comes
   * @param estimated whether its measures follow from form and size
   * @param pinned whether the artist wants it there
   * @param order in which it goes into its bag, from 1; null without a place
   */
  record LoadedPiece(
      DrawnItem item,
      long massG,
      boolean estimated,
      boolean packed,
      boolean pinned,
      @Nullable String compartment,
      @Nullable String usual,
      @Schema(name = "xMm") int xMm,
      @Schema(name = "yMm") int yMm,
      @Schema(name = "zMm") int zMm,
      int widthMm,
      int depthMm,
      int heightMm,
      @Nullable Integer order,
      Set<LoadReason> reasons) {}

  /**
   * A piece without a place.
   *
   * @param because null: it came onto the list since
   * @param ways what can be done about it
   */
  record WithoutPlace(UUID item, boolean required, @Nullable LoadObstacle because, WaysOut ways) {}

  /**
   * Three ways out with their price.
   *
   * @param usesInAYear how often it would have been missed
   * @param alike others on the list that do the same
   * @param decant into which empty container it could go, null where none serves
   * @param bag which bag more would take it, null where none would
   */
  record WaysOut(int usesInAYear, int alike, @Nullable DecantWay decant, @Nullable BagWay bag) {}

  /**
   * @param savedG how much lighter it would be
   * @param savedMl how much less room it would take
   */
  record DecantWay(Container container, double sizeMl, long savedG, long savedMl) {}

  /**
   * @param ownMassG of the empty bag
   */
  record BagWay(UUID place, String name, long ownMassG) {}

  /** Bags that hold everything that has to come: the fewest, then the lightest. */
  record BagsNeeded(List<BagWay> bags) {}

  /** What speaks against a piece somewhere else; null when it fits. */
  record FitsThere(@Nullable LoadObstacle obstacle) {}
}
