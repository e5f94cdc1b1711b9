package gerula.app.kit.intake;

import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.core.kit.intake.UsualKit;
import gerula.core.kit.intake.UsualTray;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Where a ticked kit goes: into a place that is there, or a case made for it. */
@Component
class UsualPlaces {

  private static final String CASE = "Kit case";

  private final PlaceStore store;

  UsualPlaces(PlaceStore store) {
    this.store = store;
  }

  /**
   * Where each part of the work lies.
   *
   * @param tree with all that was made
   * @param outermost the place itself, or the case
   */
  record Where(PlaceTree tree, UUID outermost, Map<Section, UUID> bySection) {

    UUID of(Section section) {
      return bySection.getOrDefault(section, outermost);
    }
  }

  Set<Section> sections(Collection<UsualKit.Usual> kinds) {
    return kinds.stream()
        .map(UsualKit.Usual::section)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Section.class)));
  }

  Where find(Act act, @Nullable UUID into, Set<Section> sections) {
    return into == null ? made(act, sections) : within(into, sections);
  }

  /** Of its parts the one laid out for the section, else the place itself. */
  private Where within(UUID into, Set<Section> sections) {
    PlaceTree tree = store.tree();
    if (tree.find(into).isEmpty()) {
      throw Refused.notThere("place", into);
    }
    Map<Section, UUID> bySection = new EnumMap<>(Section.class);
    for (Section section : sections) {
      tree.inside(into).stream()
          .filter(part -> isFor(part, section))
          .findFirst()
          .ifPresent(part -> bySection.put(section, part.id()));
    }
    return new Where(tree, into, bySection);
  }

  private static boolean isFor(Place part, Section section) {
    return part.purpose().section() == section || part.purpose().allowed().contains(section);
  }

  private Where made(Act act, Set<Section> sections) {
    UUID outermost = UUID.randomUUID();
    PlaceDraft box = PlaceDraft.usualCase(freeName());
    act.touch(ThingKind.PLACE_THING, outermost, () -> store.insert(outermost, box));
    Map<Section, UUID> bySection = new EnumMap<>(Section.class);
    for (UsualTray tray : UsualTray.values()) {
      if (sections.stream().anyMatch(tray.sections()::contains)) {
        UUID id = UUID.randomUUID();
        PlaceDraft draft = PlaceDraft.usualTray(tray, outermost);
        act.touch(ThingKind.PLACE_THING, id, () -> store.insert(id, draft));
        tray.sections().forEach(section -> bySection.put(section, id));
      }
    }
    return new Where(store.tree(), outermost, bySection);
  }

  /** "Kit case", or "Kit case 2" beside an older one. */
  private String freeName() {
    Set<String> taken = store.tree().roots().stream().map(Place::name).collect(Collectors.toSet());
    String name = CASE;
    for (int n = 2; taken.contains(name); n++) {
      name = CASE + " " + n;
    }
    return name;
  }
}
