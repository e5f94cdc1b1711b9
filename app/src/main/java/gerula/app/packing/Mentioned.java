package gerula.app.packing;

import gerula.core.packing.PackingFinding;
import gerula.core.packing.PackingList;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;

/** Which items the findings of a list speak of. */
final class Mentioned {

  private Mentioned() {}

  static Set<UUID> in(PackingList list) {
    Set<UUID> items = new HashSet<>();
    for (PackingFinding finding : list.findings()) {
      switch (finding) {
        case PackingFinding.Gap gap -> {
          gap.nearest().forEach(one -> items.add(one.item()));
          items.addAll(gap.blocks());
        }
        case PackingFinding.RunsOutBefore running -> items.add(running.item());
        case PackingFinding.SecondBest second -> items.add(second.item());
        case PackingFinding.OtherUndertone other -> items.add(other.item());
        case PackingFinding.LabelNotChecked unread -> items.add(unread.item());
        case PackingFinding.LastOfIt last -> items.add(last.item());
        case PackingFinding.OnlyOneThere only -> items.add(only.item());
        case PackingFinding.CleanFirst clean -> items.add(clean.item());
        case PackingFinding.RoleGuessed guessed -> items.add(guessed.item());
        case PackingFinding.TakeOut out -> items.addAll(out.items());
        case PackingFinding.WheelsOnLongCarry _,
            PackingFinding.BagOverHeavy _,
            PackingFinding.BagToClean _,
            PackingFinding.PlaceNotTold _,
            PackingFinding.NoBag _ -> {}
      }
    }
    list.recipes().forEach(recipe -> recipe.parts().forEach(part -> items.add(part.item())));
    return items;
  }
}
