package gerula.core.packing;

import gerula.core.kit.item.Item;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * How few pieces meet all that is asked, by integer programming: a piece is taken or not, and what
 * is used up flows from the packs of those that are taken to whoever asks for it.
 */
final class ExactPieces {

  private final Function<Item, Item> comesAs;
  private final ToLongFunction<Item> holding;
  private final ToLongFunction<Item> shares;

  /**
   * @param comesAs the palette an item lies in, or itself
   * @param holding thousandths of it that can be used up
   * @param shares what it is where it is shared, 1000 a piece
   */
  ExactPieces(
      Function<Item, Item> comesAs, ToLongFunction<Item> holding, ToLongFunction<Item> shares) {
    this.comesAs = comesAs;
    this.holding = holding;
    this.shares = shares;
  }

  /** The fewest: of what no piece ties together each part by itself. */
  long of(List<Asking> asking) {
    List<Part> parts = new ArrayList<>();
    for (Asking one : asking) {
      if (one.met == 0) {
        continue;
      }
      Part all = new Part(new ArrayList<>(List.of(one)), pieces(one));
      for (Part part : List.copyOf(parts)) {
        if (!Collections.disjoint(part.pieces, all.pieces)) {
          parts.remove(part);
          all.asking.addAll(part.asking);
          all.pieces.addAll(part.pieces);
        }
      }
      parts.add(all);
    }
    return parts.stream().mapToLong(part -> new Model().of(part.asking)).sum();
  }

  private record Part(List<Asking> asking, Set<UUID> pieces) {}

  private Set<UUID> pieces(Asking one) {
    Set<UUID> pieces = new HashSet<>();
    one.allowed.forEach(able -> pieces.add(comesAs.apply(able.item()).id()));
    return pieces;
  }

  private final class Model {

    private final ExpressionsBasedModel model = new ExpressionsBasedModel();
    private final Map<UUID, Variable> pieces = new HashMap<>();
    private final Map<UUID, Expression> held = new HashMap<>();
    private int flows;

    long of(List<Asking> asking) {
      asking.forEach(this::ask);
      Optimisation.Result result = model.minimise();
      if (!result.getState().isOptimal()) {
        throw new IllegalStateException("Not solved: " + result.getState());
      }
      return Math.round(result.getValue());
    }

    private void ask(Asking one) {
      Expression met = model.newExpression("met " + flows++).lower(in(one.met));
      for (Candidate able : one.allowed) {
        Item item = able.item();
        if (one.isShared) {
          met.add(taken(item), in(shares.applyAsLong(item)));
        } else {
          met.add(flow(item, one.met), 1);
        }
      }
    }

    private Variable flow(Item item, long most) {
      Variable flow = model.newVariable("flow " + flows++).lower(0);
      held.computeIfAbsent(
              item.id(),
              _ ->
                  model
                      .newExpression("held " + flows++)
                      .upper(0)
                      .set(taken(item), in(holding.applyAsLong(item)).negate()))
          .add(flow, 1);
      // Nothing flows from what stays at home: this alone makes it quick.
      model
          .newExpression("only " + flows++)
          .upper(0)
          .set(flow, 1)
          .set(taken(item), in(most).negate());
      return flow;
    }

    private Variable taken(Item item) {
      return pieces.computeIfAbsent(
          comesAs.apply(item).id(), id -> model.newVariable("piece " + id).binary().weight(1));
    }
  }

  /** Whole units: a solver counts better with small figures. */
  private static BigDecimal in(long thousandths) {
    return BigDecimal.valueOf(Math.min(thousandths, 1_000_000_000L), 3);
  }
}
