package gerula.app.booking;

import gerula.app.platform.web.Facts;
import gerula.core.booking.Booking;
import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Hair;
import gerula.core.booking.NeedRules;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.booking.Zone;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import gerula.core.shade.Undertone;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the calculator of needs was asked, read field by field.
 *
 * @param ids what the asker calls each face
 */
record AskedNeeds(Booking booking, NeedRules house, Map<UUID, String> ids) {

  private static final int MOST_FACES = 200;

  static Optional<AskedNeeds> read(Facts facts) {
    Optional<KindOfWork> kind = facts.code("kind", KindOfWork.class);
    Optional<LocalDate> first = facts.required("firstDay", facts::date);
    Optional<LocalDate> last = facts.required("lastDay", facts::date);
    Set<Condition> conditions = EnumSet.noneOf(Condition.class);
    conditions.addAll(words(facts, "conditions", Condition.class));
    if (isEarly(facts)) {
      conditions.add(Condition.EARLY_CALL);
    }
    Optional<Travel> travel = facts.code("travel", Travel.class);
    Map<UUID, String> ids = new HashMap<>();
    Set<String> known = new HashSet<>();
    facts.required("faces", Optional::of);
    List<Face> faces = facts.list("faces", MOST_FACES, part -> face(part, known, ids));
    Optional<NeedRules> house =
        facts.isTold("house")
            ? facts.object("house", AskedNeeds::house)
            : Optional.of(NeedRules.of(HouseRules.USUAL));
    if (first.isEmpty() || last.isEmpty() || house.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            "lastDay",
            () ->
                new Booking(
                    new UUID(0, 0),
                    "",
                    kind.orElse(null),
                    first.get(),
                    last.get(),
                    conditions,
                    travel.orElse(null),
                    faces))
        .map(booking -> new AskedNeeds(booking, house.get(), ids));
  }

  private static boolean isEarly(Facts facts) {
    return facts.time("callTime").filter(call -> call.isBefore(LocalTime.of(6, 0))).isPresent();
  }

  private static <E extends Enum<E> & Code> List<E> words(Facts facts, String name, Class<E> list) {
    List<E> words = new ArrayList<>();
    List<String> told = facts.texts(name, 100);
    for (int i = 0; i < told.size(); i++) {
      Optional<E> word = Code.find(list, told.get(i));
      facts
          .faults()
          .unless(
              word.isPresent(),
              facts.at(name + "." + i),
              "wrong-value",
              "It is one of "
                  + Arrays.stream(list.getEnumConstants()).map(Code::code).toList()
                  + ".");
      word.ifPresent(words::add);
    }
    return words;
  }

  private static Optional<NeedRules> house(Facts facts) {
    int reserve = facts.whole("reservePercent").orElse(HouseRules.USUAL.reservePercent());
    BrushPractice brushes =
        facts.code("brushes", BrushPractice.class).orElse(BrushPractice.SECOND_SET);
    int wands = facts.whole("wands").orElse(NeedRules.USUAL_WANDS);
    boolean lifts = facts.flag("liftsPowder");
    boolean rests = facts.flag("restsHandOnPuff");
    return facts.faults().build("house", () -> NeedRules.of(reserve, brushes, wands, lifts, rests));
  }

  private static Optional<Face> face(Facts facts, Set<String> known, Map<UUID, String> ids) {
    Optional<String> id = facts.ownId(known);
    String name = facts.text("name").orElse("");
    Optional<Double> depth =
        facts
            .required("depth", facts::number)
            .flatMap(
                told ->
                    facts
                        .faults()
                        .build(
                            facts.at("depth"), () -> Face.requireDepth(told.doubleValue(), name)));
    Optional<Undertone> undertone = facts.code("undertone", Undertone.class);
    Hair hair = facts.code("hair", Hair.class).orElse(Hair.UNKNOWN);
    SkinType skin = facts.code("skinType", SkinType.class).orElse(SkinType.NORMAL);
    Map<Zone, SkinType> zones = zones(facts);
    List<Concern> concerns = words(facts, "concerns", Concern.class);
    Optional<Sensitive> sensitive =
        facts.isTold("sensitivities")
            ? facts.object("sensitivities", AskedNeeds::sensitive)
            : Optional.of(new Sensitive(Set.of(), null));
    List<Service> services = words(facts, "services", Service.class);
    TreeSet<LocalDate> days = new TreeSet<>(days(facts));
    int looks = facts.whole("looksPerDay").orElse(1);
    if (id.isEmpty() || depth.isEmpty() || sensitive.isEmpty()) {
      return Optional.empty();
    }
    UUID own = UUID.nameUUIDFromBytes(id.get().getBytes(StandardCharsets.UTF_8));
    ids.put(own, id.get());
    return facts
        .faults()
        .build(
            facts.at("looksPerDay"),
            () ->
                FaceBuilder.builder(Face.of(own, name, depth.get(), skin, Set.copyOf(services)))
                    .undertone(undertone.orElse(null))
                    .hair(hair)
                    .zones(zones)
                    .concerns(Set.copyOf(concerns))
                    .sensitivities(sensitive.get().known())
                    .askedOn(sensitive.get().askedOn())
                    .daysPresent(days)
                    .looksPerDay(looks)
                    .build());
  }

  private static Map<Zone, SkinType> zones(Facts facts) {
    Map<Zone, SkinType> zones = new EnumMap<>(Zone.class);
    if (facts.isTold("zones")) {
      facts.object(
          "zones",
          part -> {
            for (Zone zone : Zone.values()) {
              part.code(zone.code(), SkinType.class).ifPresent(skin -> zones.put(zone, skin));
            }
            return Optional.of(zones);
          });
    }
    return zones;
  }

  private record Sensitive(Set<Sensitivity> known, @Nullable LocalDate askedOn) {}

  private static Optional<Sensitive> sensitive(Facts facts) {
    List<String> told = facts.texts("known", 30);
    Set<Sensitivity> known = new HashSet<>();
    for (int i = 0; i < told.size(); i++) {
      String one = told.get(i);
      facts
          .faults()
          .build(facts.at("known." + i), () -> new Sensitivity(one))
          .ifPresent(known::add);
    }
    Optional<LocalDate> askedOn = facts.date("askedOn");
    return Optional.of(new Sensitive(known, askedOn.orElse(null)));
  }

  private static List<LocalDate> days(Facts facts) {
    List<LocalDate> days = new ArrayList<>();
    List<String> told = facts.texts("daysPresent", 366);
    for (int i = 0; i < told.size(); i++) {
      try {
        days.add(LocalDate.parse(told.get(i)));
      } catch (DateTimeParseException unreadable) {
        facts
            .faults()
            .unless(
                false,
                facts.at("daysPresent." + i),
                "wrong-value",
                "A day is written like 2031-04-14.");
      }
    }
    return days;
  }
}
