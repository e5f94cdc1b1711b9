package gerula.app.kit.picture;

import static gerula.app.tables.Tables.UNNAMED_PICTURE;

import gerula.app.tables.tables.records.UnnamedPictureRecord;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pictures that are still to be named, in the database. Everything here runs in a workspace. */
@Component
public class UnnamedStore {

  private final DSLContext sql;

  UnnamedStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * A picture of something that is no item yet.
   *
   * @param place where one stood, null when nobody said
   */
  public record UnnamedPicture(
      @NotNull UUID id, @NotNull UUID picture, @Nullable UUID place, @NotNull Instant takenAt) {}

  /** The oldest first: as one walked along. */
  public List<UnnamedPicture> all() {
    return sql.selectFrom(UNNAMED_PICTURE)
        .orderBy(UNNAMED_PICTURE.TAKEN_AT, UNNAMED_PICTURE.ID)
        .fetch(UnnamedStore::of);
  }

  Optional<UnnamedPicture> locked(UUID id) {
    return sql.selectFrom(UNNAMED_PICTURE)
        .where(UNNAMED_PICTURE.ID.eq(id))
        .forUpdate()
        .fetchOptional(UnnamedStore::of);
  }

  private static UnnamedPicture of(UnnamedPictureRecord row) {
    return new UnnamedPicture(row.getId(), row.getPictureId(), row.getPlaceId(), row.getTakenAt());
  }

  /** Keeps it. */
  public void insert(UnnamedPicture one) {
    sql.insertInto(UNNAMED_PICTURE)
        .set(UNNAMED_PICTURE.ID, one.id())
        .set(UNNAMED_PICTURE.PICTURE_ID, one.picture())
        .set(UNNAMED_PICTURE.PLACE_ID, one.place())
        .set(UNNAMED_PICTURE.TAKEN_AT, one.takenAt())
        .execute();
  }

  void remove(UUID id) {
    sql.deleteFrom(UNNAMED_PICTURE).where(UNNAMED_PICTURE.ID.eq(id)).execute();
  }
}
