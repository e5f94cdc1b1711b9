package gerula.app.kit.intake;

import gerula.app.kit.intake.PlaceLineRecords.PlacesAdded;
import gerula.app.kit.intake.PlaceLineRecords.PlacesRead;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.intake.place.PlaceLine;
import gerula.core.kit.intake.place.PlaceSketch;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.opencase.Tray;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Cases and bags typed in one line: drawn while one types, then made in one act. */
@Component
class PlaceLines {

  private final PlaceStore store;
  private final Ledger ledger;
  private final Answers answers;

  PlaceLines(PlaceStore store, Ledger ledger, Answers answers) {
    this.store = store;
    this.ledger = ledger;
    this.answers = answers;
  }

  /** Reads a line and changes nothing. */
  PlacesRead read(String line) {
    List<PlaceSketch> sketches = sketches(line);
    List<PlaceSketch> all = sketches.stream().flatMap(PlaceSketch::all).toList();
    return new PlacesRead(
        all.size(),
        (int) all.stream().filter(PlaceSketch::isEstimated).count(),
        (int) all.stream().filter(one -> one.inside().widthMm() == null).count(),
        sketches.stream().map(PlaceLines::drawn).toList());
  }

  private static Tray drawn(PlaceSketch sketch) {
    List<Place> places = sketch.places(UUID::randomUUID);
    return OpenCase.layOut(places.getFirst(), new PlaceTree(places), List.of());
  }

  /** All of them or none. */
  PlacesAdded add(SignedIn who, UUID actId, String line, @Nullable UUID in) {
    PlacesAdded[] done = new PlacesAdded[1];
    return answers.once(
        who,
        actId,
        () ->
            ledger.perform(
                who,
                actId,
                "added",
                act -> {
                  List<PlaceSketch> sketches = sketches(line);
                  requireSome(sketches);
                  if (in != null && store.place(in).isEmpty()) {
                    throw Refused.notThere("place", in);
                  }
                  List<UUID> made = make(act, sketches, in);
                  done[0] =
                      new PlacesAdded(
                          made, (int) sketches.stream().flatMap(PlaceSketch::all).count());
                }),
        () -> done[0]);
  }

  private static List<PlaceSketch> sketches(String line) {
    Faults faults = new Faults();
    List<PlaceSketch> sketches = faults.build("line", () -> PlaceLine.read(line)).orElse(List.of());
    faults.refuseIfAny();
    return sketches;
  }

  private static void requireSome(List<PlaceSketch> sketches) {
    new Faults()
        .unless(!sketches.isEmpty(), "line", "required", "Write what kind of place it is.")
        .refuseIfAny();
  }

  private List<UUID> make(Act act, List<PlaceSketch> sketches, @Nullable UUID parent) {
    List<UUID> made = new ArrayList<>();
    for (PlaceSketch sketch : sketches) {
      UUID id = UUID.randomUUID();
      PlaceDraft draft = PlaceDraft.sketched(sketch, parent, made.size() + 1);
      act.touch(ThingKind.PLACE_THING, id, () -> store.insert(id, draft));
      make(act, sketch.insides(), id);
      made.add(id);
    }
    return made;
  }
}
