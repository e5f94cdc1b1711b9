package gerula.app.rule;

import static gerula.app.tables.Tables.HOUSE_RULES;

import gerula.app.platform.workspace.PerTransaction;
import gerula.core.dates.DateClass;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import gerula.core.rule.LoadRules;
import gerula.core.rule.Practices;
import gerula.core.rule.School;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The rules a workspace works by. Everything here runs within a workspace. */
@Component
public class HouseStore {

  private static final TypeReference<Map<String, Integer>> MONTHS = new TypeReference<>() {};
  private static final TypeReference<Map<String, String>> CODES = new TypeReference<>() {};

  private final DSLContext sql;
  private final JsonMapper json;
  private final PerTransaction<HouseRules> known = new PerTransaction<>(HouseRules.class);

  HouseStore(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /**
   * Rules with the row they stand in.
   *
   * @param cardWords what the card for clients says; empty: what follows from the rules
   * @param money in what one reckons
   * @param version how often they were changed
   */
  public record StoredRules(
      UUID id, HouseRules rules, String cardWords, MoneyRules money, int version) {}

  /** The rules that hold now: the house's own, or else the usual ones. */
  public HouseRules current() {
    return TransactionSynchronizationManager.isCurrentTransactionReadOnly()
        ? known.get(this::read)
        : read();
  }

  private HouseRules read() {
    return find().map(StoredRules::rules).orElse(HouseRules.USUAL);
  }

  /** The house's own, if it ever set any. */
  public Optional<StoredRules> find() {
    return sql.selectFrom(HOUSE_RULES)
        .fetchOptional(
            row ->
                new StoredRules(
                    row.getId(),
                    new HouseRules(
                        Code.of(School.class, row.getDateLimits()),
                        months(row.getOwnMonths()),
                        row.getEyeMarginDays(),
                        row.getReservePercent(),
                        row.getDeliveryDays(),
                        row.getShadeLimit(),
                        Practices.written(json.readValue(row.getPractices().data(), CODES)),
                        new LoadRules(
                            row.getUsablePercent(), row.getWornGrams(), row.getCarriedGrams())),
                    row.getCardWords(),
                    json.readValue(row.getMoney().data(), MoneyRules.class),
                    row.getVersion()));
  }

  private Map<Code, Integer> months(JSONB told) {
    Map<Code, Integer> months = new HashMap<>();
    json.readValue(told.data(), MONTHS)
        .forEach((code, count) -> months.put(Code.of(DateClass.class, code), count));
    return months;
  }

  /** Keeps rules, with the version they shall have. */
  public void save(StoredRules stored) {
    HouseRules rules = stored.rules();
    Map<String, Integer> own = new TreeMap<>();
    rules.ownMonths().forEach((one, count) -> own.put(one.code(), count));
    sql.insertInto(HOUSE_RULES)
        .set(HOUSE_RULES.ID, stored.id())
        .set(HOUSE_RULES.DATE_LIMITS, rules.dateLimits().code())
        .set(HOUSE_RULES.OWN_MONTHS, JSONB.valueOf(json.writeValueAsString(own)))
        .set(HOUSE_RULES.EYE_MARGIN_DAYS, rules.eyeMarginDays())
        .set(HOUSE_RULES.RESERVE_PERCENT, rules.reservePercent())
        .set(HOUSE_RULES.DELIVERY_DAYS, rules.deliveryDays())
        .set(HOUSE_RULES.SHADE_LIMIT, rules.shadeLimit())
        .set(
            HOUSE_RULES.PRACTICES,
            JSONB.valueOf(json.writeValueAsString(new TreeMap<>(rules.practices().codes()))))
        .set(HOUSE_RULES.USABLE_PERCENT, (short) rules.load().usablePercent())
        .set(HOUSE_RULES.WORN_GRAMS, rules.load().wornGrams())
        .set(HOUSE_RULES.CARRIED_GRAMS, rules.load().carriedGrams())
        .set(HOUSE_RULES.CARD_WORDS, stored.cardWords())
        .set(HOUSE_RULES.MONEY, JSONB.valueOf(json.writeValueAsString(stored.money())))
        .set(HOUSE_RULES.VERSION, stored.version())
        .onConflict(HOUSE_RULES.WORKSPACE_ID, HOUSE_RULES.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
