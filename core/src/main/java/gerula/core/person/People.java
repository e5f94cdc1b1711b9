package gerula.core.person;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Everybody a workspace knows. No two go by the same name: a name says who is meant. */
public record People(List<Person> all) {

  public People {
    all = List.copyOf(all);
  }

  /** Who goes by this name, whatever its case. */
  public Optional<Person> called(String name) {
    return all.stream().filter(one -> one.isCalled(name)).findFirst();
  }

  /** The first name two of them go by, empty when names are told apart. */
  public Optional<String> clash() {
    Map<String, Person> known = new HashMap<>();
    for (Person one : all) {
      if (one.erasedOn() != null) {
        continue;
      }
      for (String name : one.names().toList()) {
        Person other = known.put(name.toLowerCase(Locale.ROOT), one);
        if (other != null && !other.id().equals(one.id())) {
          return Optional.of(name);
        }
      }
    }
    return Optional.empty();
  }

  /**
   * The name, or the name with what tells it from that of somebody else, as in "Bride (Pier
   * wedding)".
   */
  public String free(String name, String apart) {
    if (called(name).isEmpty()) {
      return name;
    }
    String told = cut(name, apart, "");
    for (int i = 2; called(told).isPresent(); i++) {
      told = cut(name, apart, " " + i);
    }
    return told;
  }

  private static String cut(String name, String apart, String number) {
    String end = " (" + apart.substring(0, Math.min(apart.length(), 30)).strip() + number + ")";
    int room = Person.LONGEST_NAME - end.length();
    return name.substring(0, Math.min(name.length(), room)).strip() + end;
  }
}
