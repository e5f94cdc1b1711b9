package gerula.app.kit.place;

import gerula.app.person.PersonNames;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.kit.PersonRef;
import gerula.core.kit.place.CarrierState;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Mass;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Places between rows and the core's records, both ways. */
public final class PlaceRows {

  private PlaceRows() {}

  static StoredPlace place(PlaceRecord row, PersonNames people) {
    PersonRef person = people.ref(row.getPersonId());
    boolean isLent = row.getKind().equals(PlaceKind.LENT.code());
    return new StoredPlace(
        PlaceBuilder.stagedBuilder()
            .id(row.getId())
            .parent(row.getParentId())
            .home(row.getHomeId())
            .name(isLent && person != null ? person.name() : row.getName())
            .kind(Code.of(PlaceKind.class, row.getKind()))
            .isPortable(row.getPortable())
            .reach(row.getReach())
            .inside(inside(row))
            .ownMass(Mass.ofGrams(row.getOwnMassG()))
            .greatestMass(
                row.getGreatestMassG() == null ? null : Mass.ofGrams(row.getGreatestMassG()))
            .purpose(
                new Purpose(
                    row.getSection() == null ? null : Code.of(Section.class, row.getSection()),
                    Arrays.stream(row.getAllowed())
                        .map(section -> Code.of(Section.class, section))
                        .collect(Collectors.toSet()),
                    isLent ? null : person,
                    row.getUse() == null ? null : Code.of(PlaceUse.class, row.getUse())))
            .thing(row.getItemId())
            .setContents(SetContents.read(row.getSetContents()))
            .carrier(new CarrierState(row.getUsedSince(), row.getWetUntil()))
            .build(),
        row.getCode(),
        row.getWindowed(),
        row.getWorn(),
        row.getNote(),
        row.getEstimated(),
        person,
        row.getVersion());
  }

  private static Inside inside(PlaceRecord row) {
    Inside.Slots slots =
        row.getSlotCount() == null
            ? null
            : new Inside.Slots(
                row.getSlotCount(),
                row.getSlotWidthMm(),
                row.getSlotDepthMm(),
                row.getSlotHeightMm());
    return new Inside(
        row.getInnerWidthMm(),
        row.getInnerDepthMm(),
        row.getInnerHeightMm(),
        slots,
        row.getSealed());
  }

  /** The same place's draft, as when somebody would type it anew. */
  public static PlaceDraft draft(StoredPlace stored) {
    Place place = stored.place();
    Inside inside = place.inside();
    Inside.Slots slots = inside.slots();
    return PlaceDraftBuilder.stagedBuilder()
        .parent(place.parent())
        .name(place.name())
        .kind(place.kind())
        .portable(place.isPortable())
        .reach(place.reach())
        .innerWidthMm(inside.widthMm())
        .innerDepthMm(inside.depthMm())
        .innerHeightMm(inside.heightMm())
        .ownMassG((int) place.ownMass().grams())
        .greatestMassG(place.greatestMass() == null ? null : (int) place.greatestMass().grams())
        .section(place.purpose().section())
        .home(place.home())
        .slots(
            slots == null
                ? null
                : new PlaceDraft.SlotsDraft(
                    slots.count(), slots.widthMm(), slots.depthMm(), slots.heightMm()))
        .sealed(inside.isSealed())
        .windowed(stored.windowed())
        .worn(stored.worn())
        .allowed(place.purpose().allowed())
        .performer(null)
        .thing(place.thing())
        .note(stored.note())
        .personId(stored.person() == null ? null : stored.person().id())
        .estimated(stored.estimated())
        .setContents(SetContentDraft.of(place.setContents()))
        .use(place.purpose().use())
        .build();
  }

  /**
   * @param person whom the draft is about, null for nobody
   */
  static void write(PlaceRecord row, PlaceDraft draft, @Nullable UUID person) {
    PlaceDraft.SlotsDraft slots = draft.slots();
    row.setParentId(draft.parent());
    row.setHomeId(draft.home());
    // Whoever has borrowed is told by the person: a name stands in one place only.
    row.setName(draft.kind() == PlaceKind.LENT && person != null ? "" : draft.name().strip());
    row.setKind(draft.kind().code());
    row.setPortable(draft.portable());
    row.setReach(draft.reach());
    row.setInnerWidthMm(draft.innerWidthMm());
    row.setInnerDepthMm(draft.innerDepthMm());
    row.setInnerHeightMm(draft.innerHeightMm());
    row.setOwnMassG(draft.ownMassG());
    row.setGreatestMassG(draft.greatestMassG());
    row.setSection(draft.section() == null ? null : draft.section().code());
    row.setSlotCount(slots == null ? null : slots.count());
    row.setSlotWidthMm(slots == null ? null : slots.widthMm());
    row.setSlotDepthMm(slots == null ? null : slots.depthMm());
    row.setSlotHeightMm(slots == null ? null : slots.heightMm());
    row.setSealed(draft.sealed());
    row.setWindowed(draft.windowed());
    row.setWorn(draft.worn());
    row.setAllowed(draft.allowed().stream().sorted().map(Section::code).toArray(String[]::new));
    row.setPersonId(person);
    row.setItemId(draft.thing());
    row.setNote(draft.note());
    row.setEstimated(draft.estimated());
    row.setUse(draft.use() == null ? null : draft.use().code());
    if (draft.setContents() != null) {
      row.setSetContents(SetContents.column(SetContentDraft.contents(draft.setContents())));
    }
  }
}
