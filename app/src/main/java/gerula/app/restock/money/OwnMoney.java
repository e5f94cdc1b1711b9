package gerula.app.restock.money;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.SHOP;

import gerula.app.rule.HouseStore;
import gerula.app.rule.HouseStore.StoredRules;
import gerula.app.rule.MoneyRules;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import java.util.Currency;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** In what money the artist reckons. Runs within a workspace. */
@Component
public class OwnMoney {

  private static final String USUAL_CURRENCY = "EUR";

  private final DSLContext sql;
  private final HouseStore house;

  OwnMoney(DSLContext sql, HouseStore house) {
    this.sql = sql;
    this.house = house;
  }

  public Rates rates() {
    MoneyRules told = house.find().map(StoredRules::money).orElse(MoneyRules.NONE);
    return told.rates(told.currency() == null ? usual() : Money.currency(told.currency()));
  }

  /** In which most prices stand. */
  private Currency usual() {
    var prices =
        sql.select(ITEM.CURRENCY.as("currency"))
            .from(ITEM)
            .where(ITEM.CURRENCY.isNotNull())
            .unionAll(DSL.select(SHOP.CURRENCY).from(SHOP))
            .asTable("prices");
    var currency = prices.field("currency", String.class);
    return sql
        .select(currency)
        .from(prices)
        .groupBy(currency)
        .orderBy(DSL.count().desc(), currency)
        .fetch(currency)
        .stream()
        .flatMap(code -> Money.currencyOf(code).stream())
        .findFirst()
        .orElse(Money.currency(USUAL_CURRENCY));
  }
}
