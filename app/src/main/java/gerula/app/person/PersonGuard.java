package gerula.app.person;

import gerula.app.ledger.ActGuard;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Touched;
import gerula.app.platform.errors.Refused;
import java.util.Map;
import org.springframework.stereotype.Component;

/** No two people go by the same name, whatever is done or undone. */
@Component
class PersonGuard implements ActGuard {

  private final PersonStore store;

  PersonGuard(PersonStore store) {
    this.store = store;
  }

  @Override
  public void check(Touched touched) {
    if (!touched.any(ThingKind.PERSON_THING)) {
      return;
    }
    store
        .people()
        .clash()
        .ifPresent(
            name -> {
              throw Refused.notNow(
                  "name-taken",
                  "Somebody else goes by the name \""
                      + name
                      + "\". Merge the two if they are one person, or tell them apart by another"
                      + " name. Nothing was changed.",
                  Map.of("name", name));
            });
  }
}
