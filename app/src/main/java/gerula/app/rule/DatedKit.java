package gerula.app.rule;

import gerula.core.kit.item.Item;
import java.util.List;

/** What goes by the house rules: the kit tells it and keeps it. */
public interface DatedKit {

  /** Everything in the kit. */
  List<Item> items();

  /** After the rules have changed: every last day that follows from them. */
  void workOutDates();
}
