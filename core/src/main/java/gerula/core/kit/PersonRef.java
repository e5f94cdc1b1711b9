package gerula.core.kit;

import java.util.UUID;

/**
 * A person as the kit refers to one: whom a thing is kept for, whose section a place is, who has
 * borrowed.
 *
 * @param name as it is told; two refer to the same person when their ids are the same
 */
public record PersonRef(UUID id, String name) {

  public boolean is(PersonRef other) {
    return id.equals(other.id);
  }
}
