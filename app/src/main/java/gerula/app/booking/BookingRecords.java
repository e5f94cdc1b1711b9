package gerula.app.booking;

import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.Code;
import gerula.core.shade.Undertone;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the bookings' addresses answer with. */
public final class BookingRecords {

  private BookingRecords() {}

  /** How far a booking has come. */
  public enum Stage implements Code {
    PLANNED,
    AWAY,
    BACK
  }

  /**
   * A face.
   *
   * @param person who it is, null as long as nobody had to know
   * @param colour what the skin was measured or picked as, as one types it; null as long as only
   *     its depth is known
   * @param matches the product whose shade is hers, null where nobody said so
   * @param heads how many there are alike; more than one for a group in the background
   * @param depthTo the deepest of a group, null where all are alike
   */
  public record FaceView(
      UUID id,
      @Nullable UUID person,
      String name,
      double depth,
      SkinType skinType,
      List<Concern> concerns,
      List<String> sensitivities,
      List<Service> services,
      @Nullable Undertone undertone,
      Hair hair,
      List<ZoneSkin> zones,
      @Nullable LocalDate askedOn,
      List<LocalDate> daysPresent,
      int looksPerDay,
      @Nullable String colour,
      @Nullable UUID matches,
      int heads,
      @Nullable Double depthTo,
      List<LookDraft> looks) {}

  /** A booking with its faces in order of priority. */
  @RecordBuilder
  public record BookingView(
      UUID id,
      String title,
      LocalDate firstDay,
      LocalDate lastDay,
      @Nullable LocalTime callTime,
      String location,
      String colleagues,
      List<Condition> conditions,
      List<UUID> bags,
      List<FaceView> faces,
      @Nullable KindOfWork kind,
      @Nullable Travel travel,
      ListChoices choices,
      List<BookingDay> days,
      Stage stage,
      @Nullable Instant departedAt,
      @Nullable Instant backAt,
      int version) {}

  public static BookingView view(StoredBooking stored) {
    return BookingViewBuilder.stagedBuilder()
        .id(stored.booking().id())
        .title(stored.booking().title())
        .firstDay(stored.booking().firstDay())
        .lastDay(stored.booking().lastDay())
        .callTime(stored.callTime())
        .location(stored.location())
        .colleagues(stored.colleagues())
        .conditions(stored.booking().conditions().stream().sorted().toList())
        .bags(stored.bags())
        .faces(stored.booking().faces().stream().map(BookingRecords::view).toList())
        .kind(stored.booking().kind())
        .travel(stored.booking().travel())
        .choices(ListChoices.of(stored.choices()))
        .days(stored.days())
        .stage(stage(stored))
        .departedAt(stored.departedAt())
        .backAt(stored.backAt())
        .version(stored.version())
        .build();
  }

  private static Stage stage(StoredBooking stored) {
    if (stored.backAt() != null) {
      return Stage.BACK;
    }
    return stored.departedAt() != null ? Stage.AWAY : Stage.PLANNED;
  }

  private static FaceView view(Face face) {
    return new FaceView(
        face.id(),
        face.person(),
        face.name(),
        face.depth(),
        face.skinType(),
        face.concerns().stream().sorted().toList(),
        face.sensitivities().stream().sorted().map(Sensitivity::name).toList(),
        face.services().stream().sorted().toList(),
        face.undertone(),
        face.hair(),
        ZoneSkin.of(face.zones()),
        face.askedOn(),
        List.copyOf(face.daysPresent()),
        face.looksPerDay(),
        face.colour() == null ? null : face.colour().told(),
        face.matches(),
        face.heads(),
        face.depthTo(),
        face.looks().stream().map(LookDraft::of).toList());
  }
}
