package gerula.app.platform.web;

import gerula.app.platform.errors.Faults;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/**
 * What a calculator was told, read field by field so that every fault is found and not only the
 * first. A field that is missing or null is empty.
 */
public final class Facts {

  private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);
  private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

  private static final BigDecimal LARGEST = BigDecimal.valueOf(1_000_000_000);

  private static final Pattern MONEY = Pattern.compile("-?\\d{1,9}(\\.\\d{1,4})?");

  private final JsonNode told;
  private final String path;
  private final Faults faults;
  private final Set<String> known = new HashSet<>();

  private Facts(JsonNode told, String path, Faults faults) {
    this.told = told;
    this.path = path;
    this.faults = faults;
    faults.unless(
        told.isObject() || told.isMissingNode(),
        path.isEmpty() ? "$" : path.substring(0, path.length() - 1),
        "wrong-shape",
        "This is an object with named fields.");
  }

  /**
   * Reads a request with all its fields, and refuses it when there is any fault.
   *
   * @throws gerula.app.platform.errors.Refused with every fault
   */
  public static <T> T read(JsonNode told, Function<Facts, Optional<T>> reading) {
    Faults faults = new Faults();
    Facts facts = new Facts(told, "", faults);
    Optional<T> read = facts.part(reading);
    faults.refuseIfAny();
    return read.orElseThrow();
  }

  private <T> Optional<T> part(Function<Facts, Optional<T>> reading) {
    Optional<T> read = reading.apply(this);
    told.propertyNames().stream()
        .filter(name -> !known.contains(name))
        .forEach(
            name ->
                faults.unless(
                    false,
                    path + name,
                    "unknown-field",
                    "There is no field \"" + name + "\". Leave it out."));
    return read;
  }

  public Faults faults() {
    return faults;
  }

  /** Where a field of this part is told of. */
  public String at(String name) {
    return path + name;
  }

  private Optional<JsonNode> field(String name) {
    known.add(name);
    JsonNode field = told.path(name);
    return field.isMissingNode() || field.isNull() ? Optional.empty() : Optional.of(field);
  }

  /** The same, but it has to be there. */
  public <T> Optional<T> required(String name, Function<String, Optional<T>> reading) {
    boolean isThere = field(name).isPresent();
    faults.unless(isThere, at(name), "missing", "This is missing. Send it as well.");
    return isThere ? reading.apply(name) : Optional.empty();
  }

  /**
   * What a part of a list is called, which no other of them may be.
   *
   * @param known what those before it are called; it is added
   */
  public Optional<String> ownId(Set<String> known) {
    Optional<String> id = required("id", this::text);
    id.ifPresent(
        one ->
            faults.unless(
                known.add(one),
                at("id"),
                "twice",
                "The id " + one + " is there twice. Give each its own."));
    return id;
  }

  public Optional<String> text(String name) {
    return field(name)
        .flatMap(field -> kept(field.isString(), name, field).map(JsonNode::asString));
  }

  /** True when it says so; false when it says nothing. */
  public boolean flag(String name) {
    return field(name)
        .flatMap(field -> kept(field.isBoolean(), name, field))
        .map(JsonNode::asBoolean)
        .orElse(false);
  }

  public Optional<BigDecimal> number(String name) {
    return field(name)
        .flatMap(field -> kept(field.isNumber() && isWithinBounds(field), name, field))
        .map(JsonNode::decimalValue);
  }

  private static boolean isWithinBounds(JsonNode number) {
    if (number.isFloatingPointNumber() && !number.isBigDecimal()) {
      double approximate = number.doubleValue();
      if (!Double.isFinite(approximate)) {
        return false;
      }
    }
    BigDecimal exact = number.decimalValue();
    return Figures.isWithinBounds(exact) && exact.abs().compareTo(LARGEST) <= 0;
  }

  public Optional<Integer> whole(String name) {
    return number(name)
        .flatMap(
            number ->
                kept(
                        number.stripTrailingZeros().scale() <= 0
                            && number.abs().compareTo(BigDecimal.valueOf(Integer.MAX_VALUE)) <= 0,
                        name,
                        told.path(name))
                    .map(_ -> number.intValue()));
  }

  /** An amount of money, written as a decimal text so that nothing of it is lost on the way. */
  public Optional<BigDecimal> money(String name) {
    return text(name)
        .flatMap(
            text -> {
              boolean isMoney = MONEY.matcher(text).matches();
              faults.unless(
                  isMoney,
                  at(name),
                  "wrong-value",
                  "An amount of money is written like \"6.90\", but this is \"" + text + "\".");
              return isMoney ? Optional.of(new BigDecimal(text)) : Optional.empty();
            });
  }

  /** Whole numbers by names of their own; what is none is told and left out. */
  public Map<String, Integer> wholes(String name) {
    Map<String, Integer> told = new LinkedHashMap<>();
    Optional<JsonNode> field = field(name);
    if (field.isPresent() && kept(field.get().isObject(), name, field.get()).isPresent()) {
      Facts parts = new Facts(field.get(), at(name) + ".", faults);
      field
          .get()
          .propertyNames()
          .forEach(key -> parts.whole(key).ifPresent(whole -> told.put(key, whole)));
    }
    return told;
  }

  public <E extends Enum<E> & Code> Optional<E> code(String name, Class<E> list) {
    Optional<String> code = text(name);
    Optional<E> word = code.flatMap(text -> Code.find(list, text));
    faults.unless(
        code.isEmpty() || word.isPresent(),
        at(name),
        "wrong-value",
        "It is one of " + Arrays.stream(list.getEnumConstants()).map(Code::code).toList() + ".");
    return word;
  }

  public Optional<LocalDate> date(String name) {
    return text(name).flatMap(text -> parsed(name, text, LocalDate::parse));
  }

  /** A time of the day. */
  public Optional<LocalTime> time(String name) {
    return text(name)
        .flatMap(
            text -> {
              try {
                return Optional.of(LocalTime.parse(text));
              } catch (DateTimeException unreadable) {
                faults.unless(false, at(name), "wrong-value", "A time is written like 05:40.");
                return Optional.empty();
              }
            });
  }

  /** A day, or a month that stands for its last day. */
  public Optional<LocalDate> dayOrMonth(String name) {
    return text(name)
        .flatMap(
            text ->
                parsed(
                    name,
                    text,
                    written ->
                        written.length() == "2031-04".length()
                            ? YearMonth.parse(written).atEndOfMonth()
                            : LocalDate.parse(written)));
  }

  private Optional<LocalDate> parsed(
      String name, String text, Function<String, LocalDate> parsing) {
    LocalDate date;
    try {
      date = parsing.apply(text);
    } catch (DateTimeException unreadable) {
      faults.unless(false, at(name), "wrong-value", "A day is written like 2031-04-14.");
      return Optional.empty();
    }
    boolean isInReach = !date.isBefore(EARLIEST) && !date.isAfter(LATEST);
    faults.unless(
        isInReach,
        at(name),
        "out-of-range",
        "A date lies between " + EARLIEST + " and " + LATEST + ", but this is " + date + ".");
    return isInReach ? Optional.of(date) : Optional.empty();
  }

  /**
   * A part with fields of its own; read even when it is not there, so that what it misses is told.
   */
  public <T> Optional<T> object(String name, Function<Facts, Optional<T>> reading) {
    JsonNode field = field(name).orElse(MissingNode.getInstance());
    return new Facts(field, at(name) + ".", faults).part(reading);
  }

  /** Whether the field says anything. */
  public boolean isTold(String name) {
    return field(name).isPresent();
  }

  /** Whether the field is an object. */
  public boolean isObject(String name) {
    return field(name).filter(JsonNode::isObject).isPresent();
  }

  /** Many parts; those with faults are left out. */
  public <T> List<T> list(String name, int most, Function<Facts, Optional<T>> reading) {
    return elements(
        name,
        most,
        (element, i) -> new Facts(element, at(name) + "." + i + ".", faults).part(reading));
  }

  /** Many words; what is none is told and left out. */
  public List<String> texts(String name, int most) {
    return elements(
        name,
        most,
        (element, i) -> kept(element.isString(), name + "." + i, element).map(JsonNode::asString));
  }

  private interface Reading<T> {
    Optional<T> read(JsonNode element, int position);
  }

  private <T> List<T> elements(String name, int most, Reading<T> reading) {
    Optional<JsonNode> field = field(name);
    if (field.isEmpty() || kept(field.get().isArray(), name, field.get()).isEmpty()) {
      return List.of();
    }
    int size = field.get().size();
    faults.unless(
        size <= most, at(name), "too-many", "At most " + most + ", but these are " + size + ".");
    return IntStream.range(0, Math.min(size, most))
        .mapToObj(i -> reading.read(field.get().get(i), i))
        .flatMap(Optional::stream)
        .toList();
  }

  private Optional<JsonNode> kept(boolean hasTheShape, String name, JsonNode field) {
    String shown = field.toString();
    faults.unless(
        hasTheShape,
        at(name),
        "wrong-value",
        (shown.length() > 60 ? shown.substring(0, 60) + "…" : shown)
            + " is not one of the values "
            + name
            + " can have.");
    return hasTheShape ? Optional.of(field) : Optional.empty();
  }
}
