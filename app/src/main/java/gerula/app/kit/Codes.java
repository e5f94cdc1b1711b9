package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PLACE;

import gerula.app.platform.limits.Limit;
import gerula.core.kit.code.ShortCode;
import java.security.SecureRandom;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Draws short codes that nothing in the workspace bears yet. */
@Component
public class Codes {

  private static final int FEW = 50;

  private final DSLContext sql;
  private final RandomGenerator random = new SecureRandom();

  Codes(DSLContext sql) {
    this.sql = sql;
  }

  String forItem() {
    return forItems(1).getFirst();
  }

  /**
   * So many different ones. There are six million; a workspace holds far fewer things, so that
   * drawing anew finds free ones soon.
   */
  List<String> forItems(int count) {
    if (count > Limit.ITEM_ROWS.value()) {
      throw new IllegalArgumentException("No workspace has room for " + count + " more items.");
    }
    Set<String> drawn = new LinkedHashSet<>();
    while (drawn.size() < count) {
      Set<String> more = new LinkedHashSet<>();
      while (drawn.size() + more.size() < count) {
        more.add(ShortCode.ofItem(random).text());
      }
      more.removeAll(taken(more));
      drawn.addAll(more);
    }
    return List.copyOf(drawn);
  }

  /** A few are looked up one by one; among thousands it is quicker to read all there are. */
  private Set<String> taken(Set<String> codes) {
    return sql.select(ITEM.CODE)
        .from(ITEM)
        .where(codes.size() > FEW ? DSL.noCondition() : ITEM.CODE.in(codes))
        .fetchSet(ITEM.CODE);
  }

  public String forPlace() {
    while (true) {
      String code = ShortCode.ofPlace(random).text();
      if (!sql.fetchExists(PLACE, PLACE.CODE.eq(code))) {
        return code;
      }
    }
  }
}
