package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.booking.Zone;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Sensitivity;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Invented bookings of each kind of work, as unlike each other as jobs are. */
final class TwelveBookings {

  private static final LocalDate FIRST = LocalDate.of(2031, 5, 5);

  private static final Set<Service> FULL =
      EnumSet.of(
          Service.SKIN_PREPARATION,
          Service.BASE,
          Service.CORRECT,
          Service.POWDER,
          Service.BLUSH,
          Service.CONTOUR,
          Service.HIGHLIGHT,
          Service.BROWS,
          Service.EYES,
          Service.LINER,
          Service.MASCARA,
          Service.LIPS);

  private int number;

  private TwelveBookings() {}

  /** By what one would call them. */
  static Map<String, Booking> all() {
    TwelveBookings made = new TwelveBookings();
    Map<String, Booking> all = new LinkedHashMap<>();
    all.put("wedding party", made.wedding());
    all.put("nine days of drama", made.drama());
    all.put("portrait day of 32", made.portraits());
    all.put("newsroom", made.newsroom());
    all.put("dance tour by air", made.dance());
    all.put("mountain reshoot", made.mountain());
    all.put("prom", made.prom());
    all.put("beauty close-up", made.beauty());
    all.put("airbrush wedding in a dark house", made.airbrush());
    all.put("effects day", made.effects());
    all.put("cramped bathroom", made.bathroom());
    all.put("background of 60", made.background());
    return all;
  }

  private Booking wedding() {
    return booking(
        KindOfWork.EVENT,
        1,
        Travel.CAR,
        Set.of(Condition.TEARS, Condition.DAYLIGHT, Condition.LONG_DAY, Condition.EARLY_CALL),
        face(4, Hair.FAIR, full(Service.LASHES, Service.HAIR_STYLING, Service.TOUCH_UP_KIT)),
        face(6, Hair.GREY, full(Service.TOUCH_UP_KIT)),
        face(8, Hair.DARK, full(Service.CLUSTER_LASHES, Service.TOUCH_UP_KIT)),
        with(
            face(3, Hair.FAIR, only(Service.SKIN_PREPARATION, Service.LIPS, Service.HAIR_TIDY)),
            "fragrance"),
        face(5, Hair.DARK, only(Service.GROOMING, Service.POWDER, Service.TOUCH_UP_KIT)));
  }

  private Booking drama() {
    return booking(
        KindOfWork.SCREEN_DRAMA,
        9,
        Travel.CAR,
        Set.of(
            Condition.WET,
            Condition.NO_POWER,
            Condition.LONG_DAY,
            Condition.CLOSE_UP,
            Condition.DAYLIGHT),
        with(face(3, Hair.MID_BROWN, full(Service.STAND_BY, Service.TAKE_OFF)), "latex"),
        face(9, Hair.DARK, full(Service.STAND_BY, Service.TAKE_OFF, Service.HAIR_TIDY)),
        FaceBuilder.builder(
                face(
                    5,
                    Hair.MID_BROWN,
                    onSet(
                        Service.CORRECT,
                        Service.POWDER,
                        Service.GROOMING,
                        Service.FX_WOUND,
                        Service.FX_BLOOD,
                        Service.FX_DIRT)))
            .concerns(Set.of(Concern.BEARD_SHADOW))
            .build(),
        face(6, Hair.GREY, onSet(Service.FX_AGE, Service.FX_HAIR)));
  }

  private Booking portraits() {
    return booking(
        KindOfWork.PORTRAITS,
        1,
        Travel.CAR,
        Set.of(Condition.FLASH),
        many(
            32,
            i ->
                i % 2 == 0
                    ? only(Service.POWDER, Service.GROOMING)
                    : only(Service.POWDER, Service.CORRECT, Service.LIPS)));
  }

  private Booking newsroom() {
    Face[] faces = many(8, _ -> only(Service.POWDER));
    faces[0] =
        face(
            4,
            Hair.MID_BROWN,
            only(
                Service.SKIN_PREPARATION,
                Service.BASE,
                Service.POWDER,
                Service.BROWS,
                Service.EYES,
                Service.MASCARA,
                Service.LIPS,
                Service.HAIR_TIDY));
    faces[1] = face(7, Hair.DARK, only(Service.POWDER, Service.GROOMING, Service.HAIR_TIDY));
    return booking(
        KindOfWork.NEWS_AND_TALK,
        1,
        Travel.PUBLIC_TRANSPORT,
        Set.of(Condition.NIGHT, Condition.CLOSE_UP),
        faces);
  }

  private Booking dance() {
    return booking(
        KindOfWork.STAGE_AND_DANCE,
        5,
        Travel.FLIGHT_CABIN,
        Set.of(
            Condition.HEAT,
            Condition.SWEAT,
            Condition.FLIGHT,
            Condition.STROBE,
            Condition.VEHICLE_HEAT_OR_FROST),
        many(
            7,
            _ ->
                only(
                    Service.BASE,
                    Service.POWDER,
                    Service.BLUSH,
                    Service.EYES,
                    Service.LINER,
                    Service.MASCARA,
                    Service.LIPS,
                    Service.BODY,
                    Service.TAKE_OFF)));
  }

  private Booking mountain() {
    return booking(
        KindOfWork.SCREEN_DRAMA,
        2,
        Travel.ON_FOOT,
        Set.of(
            Condition.SNOW,
            Condition.REMOTE,
            Condition.NO_POWER,
            Condition.DRY_COLD,
            Condition.LONG_CARRY),
        FaceBuilder.builder(
                face(
                    4,
                    Hair.MID_BROWN,
                    onSet(
                        Service.CORRECT,
                        Service.POWDER,
                        Service.BROWS,
                        Service.MASCARA,
                        Service.LIPS)))
            .concerns(Set.of(Concern.REDNESS))
            .build(),
        face(7, Hair.DARK, onSet(Service.POWDER, Service.FX_DIRT)));
  }

  private Booking prom() {
    return booking(
        KindOfWork.EVENT,
        1,
        Travel.CAR,
        Set.of(),
        face(2, Hair.FAIR, full(Service.LASHES)),
        face(4, Hair.AUBURN, full(Service.LASHES)),
        face(6, Hair.DARK, full(Service.LASHES)),
        face(8, Hair.UNKNOWN, full(Service.LASHES)));
  }

  private Booking beauty() {
    return booking(
        KindOfWork.EDITORIAL,
        1,
        Travel.CAR,
        Set.of(Condition.CLOSE_UP, Condition.FLASH, Condition.POOL_OR_SEA),
        FaceBuilder.builder(face(6, Hair.MID_BROWN, full(Service.BODY)))
            .zones(
                Map.of(
                    Zone.FOREHEAD, SkinType.OILY,
                    Zone.NOSE, SkinType.OILY,
                    Zone.CHEEKS, SkinType.DRY,
                    Zone.CHIN, SkinType.NORMAL))
            .looksPerDay(3)
            .build());
  }

  private Booking airbrush() {
    return booking(
        KindOfWork.EVENT,
        1,
        Travel.CAR,
        Set.of(Condition.DIM, Condition.NO_POWER, Condition.LONG_DAY),
        face(
            5,
            Hair.MID_BROWN,
            only(
                Service.SKIN_PREPARATION,
                Service.AIRBRUSH,
                Service.BROWS,
                Service.EYES,
                Service.LASHES,
                Service.MASCARA,
                Service.LIPS,
                Service.TOUCH_UP_KIT)),
        face(
            6,
            Hair.GREY,
            only(
                Service.SKIN_PREPARATION,
                Service.BASE,
                Service.POWDER,
                Service.MASCARA,
                Service.LIPS)));
  }

  private Booking effects() {
    return booking(
        KindOfWork.EFFECTS,
        1,
        Travel.CAR,
        Set.of(Condition.NO_WATER, Condition.MASKS_OR_HELMETS),
        face(
            5,
            Hair.MID_BROWN,
            only(
                Service.FX_WOUND,
                Service.FX_BLOOD,
                Service.FX_BURN,
                Service.FX_TEETH,
                Service.FX_LENSES,
                Service.TAKE_OFF)),
        with(
            face(
                8,
                Hair.DARK,
                only(
                    Service.FX_AGE,
                    Service.FX_BALD_CAP,
                    Service.FX_TATTOO,
                    Service.FX_BRUISE,
                    Service.TAKE_OFF)),
            "latex"));
  }

  private Booking bathroom() {
    return booking(
        KindOfWork.EVENT,
        1,
        Travel.PUBLIC_TRANSPORT,
        Set.of(Condition.CRAMPED, Condition.SHARED_ROOM),
        FaceBuilder.builder(face(5, Hair.MID_BROWN, full())).skinType(SkinType.SENSITIVE).build());
  }

  private Booking background() {
    return booking(
        KindOfWork.SCREEN_DRAMA,
        1,
        Travel.CAR,
        Set.of(
            Condition.DAYLIGHT,
            Condition.SMOKE_OR_DUST,
            Condition.CHILDREN,
            Condition.UNKNOWN_CATERING,
            Condition.NO_TABLE),
        many(60, _ -> only(Service.POWDER, Service.HAIR_TIDY, Service.FX_DIRT)));
  }

  private Booking booking(
      KindOfWork kind,
      int days,
      @Nullable Travel travel,
      Set<Condition> conditions,
      Face... faces) {
    return new Booking(
        new UUID(1, number++),
        "job",
        kind,
        FIRST,
        FIRST.plusDays(days - 1),
        conditions,
        travel,
        List.of(faces));
  }

  private Face[] many(int heads, IntFunction<Set<Service>> services) {
    return IntStream.range(0, heads)
        .mapToObj(i -> face(1 + i % 10, Hair.UNKNOWN, services.apply(i)))
        .toArray(Face[]::new);
  }

  private Face face(double depth, Hair hair, Set<Service> services) {
    Face known = Face.of(new UUID(2, number++), "face " + number, depth, SkinType.NORMAL, services);
    return FaceBuilder.builder(known).hair(hair).build();
  }

  private static Face with(Face face, String... sensitivities) {
    return FaceBuilder.builder(face)
        .sensitivities(
            Arrays.stream(sensitivities).map(Sensitivity::new).collect(Collectors.toSet()))
        .build();
  }

  private static Set<Service> full(Service... more) {
    Set<Service> all = EnumSet.copyOf(FULL);
    all.addAll(List.of(more));
    return all;
  }

  /** Made up, stood by, taken off, and more. */
  private static Set<Service> onSet(Service... more) {
    Set<Service> all =
        EnumSet.of(Service.SKIN_PREPARATION, Service.BASE, Service.STAND_BY, Service.TAKE_OFF);
    all.addAll(List.of(more));
    return all;
  }

  private static Set<Service> only(Service... some) {
    return Set.of(some);
  }
}
