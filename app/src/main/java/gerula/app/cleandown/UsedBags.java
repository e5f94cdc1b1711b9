package gerula.app.cleandown;

import gerula.app.kit.place.Carriers;
import gerula.app.kit.place.StoredPlace;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.cleandown.work.UsedBag;
import gerula.core.kit.place.CarrierState;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Bags that are to be cleaned, and how far that has come. */
@Component
class UsedBags {

  private final Carriers carriers;
  private final TreatmentStore treatments;

  UsedBags(Carriers carriers, TreatmentStore treatments) {
    this.carriers = carriers;
    this.treatments = treatments;
  }

  /**
   * @param begun what was begun since it was used, null when nothing was
   */
  record BagAt(StoredPlace stored, @Nullable GivenTreatment begun) {
    UsedBag used() {
      return new UsedBag(stored.id(), begun == null ? List.of() : begun.steps());
    }
  }

  /** All of them, in order of reach. */
  Map<UUID, BagAt> all() {
    return of(carriers.used());
  }

  private Map<UUID, BagAt> of(Collection<StoredPlace> some) {
    List<UUID> ids = some.stream().map(StoredPlace::id).toList();
    Map<UUID, GivenTreatment> latest =
        ids.isEmpty()
            ? Map.of()
            : treatments.latestOfBags(ids).stream()
                .collect(Collectors.toMap(GivenTreatment::place, one -> one));
    Map<UUID, BagAt> all = new LinkedHashMap<>();
    some.forEach(one -> all.put(one.id(), new BagAt(one, begun(one, latest.get(one.id())))));
    return all;
  }

  private static @Nullable GivenTreatment begun(StoredPlace bag, @Nullable GivenTreatment latest) {
    CarrierState state = bag.place().carrier();
    return latest == null
            || latest.moment() != Moment.AFTER_JOB
            || latest.doneAt() != null
            || latest.begunAt().isBefore(state.usedSince())
        ? null
        : latest;
  }
}
