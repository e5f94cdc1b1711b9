package gerula.app.person;

import static gerula.app.tables.Tables.PERSON;

import gerula.app.tables.tables.records.PersonRecord;
import gerula.core.kit.product.Sensitivity;
import gerula.core.person.People;
import gerula.core.person.Person;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** People in the database. Everything here runs within a workspace. */
@Component
public class PersonStore {

  private final DSLContext sql;
  private final PersonNames names;

  PersonStore(DSLContext sql, PersonNames names) {
    this.sql = sql;
    this.names = names;
  }

  /** A person and how often what is known of her was changed. */
  public record StoredPerson(Person person, int version) {}

  /** Everybody, by name. */
  public List<StoredPerson> all() {
    return sql.selectFrom(PERSON).orderBy(PERSON.NAME, PERSON.ID).fetch(PersonStore::stored);
  }

  public People people() {
    return new People(all().stream().map(StoredPerson::person).toList());
  }

  Optional<StoredPerson> find(UUID id) {
    return sql.selectFrom(PERSON).where(PERSON.ID.eq(id)).fetchOptional(PersonStore::stored);
  }

  public void insert(Person person, int version) {
    PersonRecord row = sql.newRecord(PERSON);
    row.setId(person.id());
    row.setVersion(version);
    write(row, person);
    row.insert();
    names.forget();
  }

  void update(Person person) {
    PersonRecord row = new PersonRecord();
    write(row, person);
    sql.update(PERSON)
        .set(row)
        .set(PERSON.VERSION, PERSON.VERSION.plus(1))
        .where(PERSON.ID.eq(person.id()))
        .execute();
    names.forget();
  }

  void delete(UUID id) {
    sql.deleteFrom(PERSON).where(PERSON.ID.eq(id)).execute();
    names.forget();
  }

  private static void write(PersonRecord row, Person person) {
    row.setName(person.name());
    row.setAliases(person.aliases().toArray(String[]::new));
    row.setDepth(person.depth() == null ? null : BigDecimal.valueOf(person.depth()));
    row.setSensitivities(
        person.sensitivities().stream().sorted().map(Sensitivity::name).toArray(String[]::new));
    row.setAskedOn(person.askedOn());
    row.setErasedOn(person.erasedOn());
  }

  private static StoredPerson stored(PersonRecord row) {
    return new StoredPerson(
        new Person(
            row.getId(),
            row.getName(),
            List.of(row.getAliases()),
            row.getDepth() == null ? null : row.getDepth().doubleValue(),
            Arrays.stream(row.getSensitivities()).map(Sensitivity::new).collect(Collectors.toSet()),
            row.getAskedOn(),
            row.getErasedOn()),
        row.getVersion());
  }
}
