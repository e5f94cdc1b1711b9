package gerula.app.person;

import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.core.kit.product.Sensitivity;
import gerula.core.person.Person;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gets to know people, as part of whatever act names them. Runs within a workspace. */
@Component
public class KnownPeople {

  private final PersonStore store;
  private final PersonNames names;

  KnownPeople(PersonStore store, PersonNames names) {
    this.store = store;
    this.names = names;
  }

  /** Whoever goes by this name is known from now on; nobody is named by null. */
  public @Nullable UUID know(Act act, @Nullable String name) {
    if (name == null || name.isBlank()) {
      return null;
    }
    UUID known = names.idOf(name);
    return known != null ? known : add(act, Person.named(UUID.randomUUID(), name));
  }

  /** Everybody who goes by one of these names. */
  public void know(Act act, Collection<@Nullable String> all) {
    all.stream().filter(Objects::nonNull).distinct().forEach(name -> know(act, name));
  }

  /**
   * Somebody of whom only a name is known that others may have too, as a face's.
   *
   * @param apart what tells her from them
   */
  public UUID knowApart(Act act, String name, String apart) {
    return add(act, Person.named(UUID.randomUUID(), store.people().free(name, apart)));
  }

  private UUID add(Act act, Person person) {
    act.touch(ThingKind.PERSON_THING, person.id(), () -> store.insert(person, 0));
    return person.id();
  }

  /** What must not touch somebody, as far as it is known. */
  public Set<Sensitivity> sensitivitiesOf(UUID id) {
    return store.find(id).map(one -> one.person().sensitivities()).orElse(Set.of());
  }

  /** What was said of her at a booking is known of her. */
  public void told(
      Act act, UUID id, double depth, Set<Sensitivity> sensitivities, LocalDate today) {
    store
        .find(id)
        .ifPresent(
            stored -> {
              Person told = stored.person().told(depth, sensitivities, today);
              if (!told.equals(stored.person())) {
                act.touch(ThingKind.PERSON_THING, id, () -> store.update(told));
              }
            });
  }
}
