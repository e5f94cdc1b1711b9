package gerula.bench.restock;

import gerula.bench.restock.YearOfWork.Thing;
import gerula.core.restock.stock.StockPack;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** All packs of one thing as they are bought, opened, used up or past their date. */
final class Shelf {

  private static final int SEALED_DAYS = 730;

  private final Thing thing;
  private final List<Pack> packs = new ArrayList<>();
  private int count;
  double spent;
  double past;
  int opened;

  private static final class Pack {
    private final UUID id;
    private double left;
    private int lastDay;
    private boolean isOpen;

    Pack(UUID id, double left, int lastDay) {
      this.id = id;
      this.left = left;
      this.lastDay = lastDay;
    }
  }

  Shelf(Thing thing) {
    this.thing = thing;
  }

  void buy(int number, int day) {
    spent += number * thing.price();
    for (int at = 0; at < number; at++) {
      packs.add(new Pack(new UUID(9, count++), thing.pack(), day + SEALED_DAYS));
    }
  }

  /** What is past its date goes, and what it cost with it. */
  void morning(int day) {
    for (Pack pack : packs) {
      if (pack.lastDay < day) {
        past += pack.left / thing.pack() * thing.price();
      }
    }
    packs.removeIf(pack -> pack.lastDay < day || pack.left <= 0);
  }

  /**
   * @return what was not there
   */
  double use(double amount, int day) {
    double wanted = amount;
    packs.sort(
        (one, other) ->
            one.isOpen == other.isOpen
                ? Integer.compare(one.lastDay, other.lastDay)
                : Boolean.compare(other.isOpen, one.isOpen));
    for (Pack pack : packs) {
      double taken = Math.min(wanted, pack.left);
      if (taken > 0 && !pack.isOpen) {
        pack.isOpen = true;
        pack.lastDay = Math.min(pack.lastDay, day + thing.daysOnceOpen());
        opened++;
      }
      pack.left -= taken;
      wanted -= taken;
    }
    return wanted > 1e-9 ? wanted : 0;
  }

  List<StockPack> packs() {
    return packs.stream()
        .map(pack -> new StockPack(pack.id, pack.left, YearOfWork.FIRST.plusDays(pack.lastDay)))
        .toList();
  }

  int sealed() {
    return (int) packs.stream().filter(pack -> !pack.isOpen).count();
  }
}
