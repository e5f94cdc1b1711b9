package gerula.app.packing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gerula.app.kit.WholeKit;
import gerula.core.packing.KitInOrder;
import gerula.core.rule.HouseRules;
import org.springframework.stereotype.Component;

/** Each kit sorted out once for as long as it stays as it is in memory. */
@Component
class KitsInOrder {

  /** By which reading of a kit it is, and forgotten with it. */
  private final Cache<WholeKit.Things, KitInOrder> known = Caffeine.newBuilder().weakKeys().build();

  KitInOrder of(WholeKit.Things kit, HouseRules house) {
    KitInOrder there = known.getIfPresent(kit);
    if (there != null && there.isBy(house)) {
      return there;
    }
    KitInOrder sorted = KitInOrder.of(kit.items(), house);
    known.put(kit, sorted);
    return sorted;
  }
}
