package gerula.app.booking;

import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.FACE;
import static gerula.app.tables.Tables.PACKED;

import gerula.app.person.PersonNames;
import gerula.app.tables.tables.records.BookingRecord;
import gerula.app.tables.tables.records.FaceRecord;
import gerula.core.booking.Booking;
import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.booking.look.Look;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.PersonRef;
import gerula.core.kit.product.Sensitivity;
import gerula.core.packing.Choices;
import gerula.core.rule.Code;
import gerula.core.shade.Lab;
import gerula.core.shade.Undertone;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Result;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Bookings and their faces in the database. Everything here runs within a workspace. */
@Component
public class BookingStore {

  private final DSLContext sql;
  private final PersonNames people;

  BookingStore(DSLContext sql, PersonNames people) {
    this.sql = sql;
    this.people = people;
  }

  /** All bookings, the earliest first. */
  public List<StoredBooking> all() {
    return some(DSL.noCondition(), DSL.noCondition());
  }

  /** These, as far as they are still there, the earliest first. */
  public List<StoredBooking> of(Collection<UUID> ids) {
    UUID[] some = ids.stream().distinct().toArray(UUID[]::new);
    return some.length == 0
        ? List.of()
        : some(BOOKING.ID.eq(DSL.any(some)), FACE.BOOKING_ID.eq(DSL.any(some)));
  }

  private List<StoredBooking> some(org.jooq.Condition which, org.jooq.Condition whose) {
    Map<UUID, Result<FaceRecord>> faces =
        sql.selectFrom(FACE).where(whose).orderBy(FACE.POSITION).fetchGroups(FACE.BOOKING_ID);
    return sql.selectFrom(BOOKING)
        .where(which)
        .orderBy(BOOKING.FIRST_DAY, BOOKING.CALL_TIME, BOOKING.TITLE, BOOKING.ID)
        .fetch(
            row ->
                stored(row, faces.containsKey(row.getId()) ? faces.get(row.getId()) : List.of()));
  }

  /** From the first day of a booking to the one on which its things came home. */
  public record DaysOut(LocalDate firstDay, LocalDate lastDay) {

    public boolean isOn(LocalDate day) {
      return !day.isBefore(firstDay) && !day.isAfter(lastDay);
    }
  }

  /**
   * Of all bookings that ended since then.
   *
   * @param dayOf on which day of the artist's a moment lies
   */
  public List<DaysOut> daysOut(LocalDate since, Function<Instant, LocalDate> dayOf) {
    return sql.select(BOOKING.FIRST_DAY, BOOKING.LAST_DAY, BOOKING.BACK_AT)
        .from(BOOKING)
        .where(BOOKING.LAST_DAY.ge(since))
        .fetch(
            row -> {
              LocalDate last = row.value2();
              LocalDate back = row.value3() == null ? last : dayOf.apply(row.value3());
              return new DaysOut(row.value1(), back.isAfter(last) ? back : last);
            });
  }

  public Optional<StoredBooking> find(UUID id) {
    return sql.selectFrom(BOOKING)
        .where(BOOKING.ID.eq(id))
        .fetchOptional()
        .map(
            row ->
                stored(
                    row,
                    sql.selectFrom(FACE)
                        .where(FACE.BOOKING_ID.eq(id))
                        .orderBy(FACE.POSITION)
                        .fetch()));
  }

  /** Bookings for which a place was chosen as a bag. */
  List<StoredBooking> withBag(UUID place) {
    return sql
        .select(BOOKING.ID)
        .from(BOOKING)
        .where(BOOKING.BAGS.contains(new UUID[] {place}))
        .orderBy(BOOKING.ID)
        .fetch(BOOKING.ID)
        .stream()
        .map(id -> find(id).orElseThrow())
        .toList();
  }

  void setBags(UUID id, List<UUID> bags) {
    BookingRecord row = new BookingRecord();
    row.setBags(bags.toArray(UUID[]::new));
    change(id, row);
  }

  /** Holds back every other change of this booking until the transaction ends. */
  public void lock(UUID id) {
    sql.selectOne().from(BOOKING).where(BOOKING.ID.eq(id)).forUpdate().fetch();
  }

  public void insert(UUID id, BookingDraft draft) {
    BookingRecord row = sql.newRecord(BOOKING);
    row.setId(id);
    write(row, draft);
    row.insert();
    insertFaces(id, draft.faces(), Map.of());
  }

  void update(UUID id, BookingDraft draft) {
    BookingRecord row = new BookingRecord();
    write(row, draft);
    change(id, row);
    Map<UUID, JSONB> looks =
        sql.select(FACE.ID, FACE.LOOKS)
            .from(FACE)
            .where(FACE.BOOKING_ID.eq(id))
            .fetchMap(FACE.ID, FACE.LOOKS);
    sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(id)).execute();
    insertFaces(id, draft.faces(), looks);
  }

  /** All looks of one face; nothing else of the booking. */
  void setLooks(UUID booking, UUID face, List<Look> looks) {
    sql.update(FACE).set(FACE.LOOKS, LookRows.column(looks)).where(FACE.ID.eq(face)).execute();
    change(booking, new BookingRecord());
  }

  void setServices(UUID booking, Map<UUID, Set<Service>> byFace) {
    byFace.forEach(
        (face, services) ->
            sql.update(FACE)
                .set(FACE.SERVICES, codes(services))
                .where(FACE.BOOKING_ID.eq(booking).and(FACE.ID.eq(face)))
                .execute());
    change(booking, new BookingRecord());
  }

  void setPerson(UUID booking, UUID face, UUID person) {
    sql.update(FACE)
        .set(FACE.PERSON_ID, person)
        .set(FACE.NAME, "")
        .where(FACE.ID.eq(face))
        .execute();
    change(booking, new BookingRecord());
  }

  void delete(UUID id) {
    sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(id)).execute();
    sql.deleteFrom(BOOKING).where(BOOKING.ID.eq(id)).execute();
  }

  /** Items ticked off for a booking, in one fixed order. */
  List<UUID> packedFor(UUID booking) {
    return sql.select(PACKED.ITEM_ID)
        .from(PACKED)
        .where(PACKED.BOOKING_ID.eq(booking))
        .orderBy(PACKED.ITEM_ID)
        .fetch(PACKED.ITEM_ID);
  }

  void unpack(UUID item) {
    sql.deleteFrom(PACKED).where(PACKED.ITEM_ID.eq(item)).execute();
  }

  public void setDeparted(UUID id, @Nullable Instant at) {
    BookingRecord row = new BookingRecord();
    row.setDepartedAt(at);
    change(id, row);
  }

  public void setBack(UUID id, @Nullable Instant at) {
    BookingRecord row = new BookingRecord();
    row.setBackAt(at);
    change(id, row);
  }

  private void change(UUID id, BookingRecord changed) {
    sql.update(BOOKING)
        .set(changed)
        .set(BOOKING.VERSION, BOOKING.VERSION.plus(1))
        .where(BOOKING.ID.eq(id))
        .execute();
  }

  /** Whether another booking has a face of this id: ids are the client's, so it is asked. */
  boolean isFaceOfAnother(Collection<UUID> faces, UUID booking) {
    return sql.fetchExists(FACE, FACE.ID.in(faces).and(FACE.BOOKING_ID.ne(booking)));
  }

  private static void write(BookingRecord row, BookingDraft draft) {
    row.setTitle(draft.title().strip());
    row.setFirstDay(draft.firstDay());
    row.setLastDay(draft.lastDay());
    row.setCallTime(draft.callTime());
    row.setLocation(draft.location().strip());
    row.setColleagues(draft.toldColleagues());
    row.setConditions(codes(draft.conditions()));
    row.setBags(draft.bags().toArray(UUID[]::new));
    row.setKind(draft.kind() == null ? null : draft.kind().code());
    row.setTravel(draft.travel() == null ? null : draft.travel().code());
    row.setDays(
        BookingDay.column(
            draft.toldDays().stream().sorted(Comparator.comparing(BookingDay::day)).toList()));
    if (draft.choices() != null) {
      ChoiceRows.write(row, draft.choices().toChoices());
    }
    if (draft.chairs() != null) {
      row.setChairs(ChairsDraft.column(draft.chairs()));
    }
  }

  /** Who makes up whom when; nothing else of the booking. */
  public void setChairs(UUID id, ChairsDraft chairs) {
    BookingRecord row = new BookingRecord();
    row.setChairs(ChairsDraft.column(chairs));
    change(id, row);
  }

  /** What the artist decided about the list; nothing else of the booking. */
  public void setChoices(UUID id, Choices choices) {
    BookingRecord row = new BookingRecord();
    ChoiceRows.write(row, choices);
    change(id, row);
  }

  /**
   * @param known looks by face, for those of which nothing is told
   */
  private void insertFaces(UUID booking, List<FaceDraft> faces, Map<UUID, JSONB> known) {
    for (int i = 0; i < faces.size(); i++) {
      FaceDraft face = faces.get(i);
      FaceRecord row = sql.newRecord(FACE);
      row.setId(face.id());
      row.setBookingId(booking);
      row.setPosition(i);
      UUID person = people.meant(face.person(), face.name());
      row.setPersonId(person);
      row.setName(person == null ? face.name().strip() : "");
      row.setDepth(BigDecimal.valueOf(face.depth()));
      row.setSkinType(face.skinType().code());
      row.setConcerns(codes(face.concerns()));
      row.setSensitivities(
          face.sensitivities().stream()
              .map(Sensitivity::new)
              .sorted()
              .distinct()
              .map(Sensitivity::name)
              .toArray(String[]::new));
      row.setServices(codes(face.services()));
      row.setUndertone(face.undertone() == null ? null : face.undertone().code());
      row.setHair(face.toldHair().code());
      row.setZones(ZoneRows.column(face.toldZones()));
      row.setAskedOn(face.askedOn());
      row.setDaysPresent(face.toldDays().toArray(LocalDate[]::new));
      row.setLooksPerDay(face.toldLooksPerDay());
      writeColour(row, face.toldColour());
      row.setMatchesId(face.matches());
      row.setHeads(face.toldHeads());
      List<Look> looks = face.toldLooks();
      row.setLooks(
          looks == null
              ? known.getOrDefault(face.id(), LookRows.column(List.of()))
              : LookRows.column(looks));
      row.setDepthTo(face.depthTo() == null ? null : BigDecimal.valueOf(face.depthTo()));
      row.insert();
    }
  }

  private static void writeColour(FaceRecord row, @Nullable Lab colour) {
    row.setColourL(colour == null ? null : colour.l());
    row.setColourA(colour == null ? null : colour.a());
    row.setColourB(colour == null ? null : colour.b());
  }

  private static @Nullable Lab colour(FaceRecord row) {
    return row.getColourL() == null
        ? null
        : new Lab(row.getColourL(), row.getColourA(), row.getColourB());
  }

  private static <E extends Enum<E> & Code> String[] codes(Set<E> words) {
    return words.stream().sorted().map(Code::code).toArray(String[]::new);
  }

  private StoredBooking stored(BookingRecord row, List<FaceRecord> faces) {
    Booking booking =
        new Booking(
            row.getId(),
            row.getTitle(),
            row.getKind() == null ? null : Code.of(KindOfWork.class, row.getKind()),
            row.getFirstDay(),
            row.getLastDay(),
            words(Condition.class, row.getConditions()),
            row.getTravel() == null ? null : Code.of(Travel.class, row.getTravel()),
            faces.stream().map(this::face).toList(),
            BookingDay.lasting(BookingDay.of(row.getDays()), row.getCallTime()));
    return new StoredBooking(
        booking,
        row.getCallTime(),
        row.getLocation(),
        row.getColleagues(),
        List.of(row.getBags()),
        ChoiceRows.choices(row),
        BookingDay.of(row.getDays()),
        ChairsDraft.of(row.getChairs()),
        row.getDepartedAt(),
        row.getBackAt(),
        row.getVersion());
  }

  private Face face(FaceRecord row) {
    PersonRef person = people.ref(row.getPersonId());
    return FaceBuilder.builder(
            Face.of(
                row.getId(),
                person == null ? row.getName() : person.name(),
                row.getDepth().doubleValue(),
                Code.of(SkinType.class, row.getSkinType()),
                words(Service.class, row.getServices())))
        .person(row.getPersonId())
        .concerns(words(Concern.class, row.getConcerns()))
        .sensitivities(
            Arrays.stream(row.getSensitivities()).map(Sensitivity::new).collect(Collectors.toSet()))
        .undertone(row.getUndertone() == null ? null : Code.of(Undertone.class, row.getUndertone()))
        .hair(Code.of(Hair.class, row.getHair()))
        .zones(ZoneRows.zones(row.getZones()))
        .askedOn(row.getAskedOn())
        .daysPresent(new TreeSet<>(List.of(row.getDaysPresent())))
        .looksPerDay(row.getLooksPerDay())
        .colour(colour(row))
        .matches(row.getMatchesId())
        .heads(row.getHeads())
        .looks(LookRows.looks(row.getLooks()))
        .depthTo(row.getDepthTo() == null ? null : row.getDepthTo().doubleValue())
        .build();
  }

  private static <E extends Enum<E> & Code> Set<E> words(Class<E> list, String[] codes) {
    return Arrays.stream(codes).map(code -> Code.of(list, code)).collect(Collectors.toSet());
  }
}
