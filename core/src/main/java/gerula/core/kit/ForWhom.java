package gerula.core.kit;

/** On whom a thing may be used. Closed: every rule of sharing asks for one of these. */
public sealed interface ForWhom {

  ForWhom EVERYBODY = new Everybody();

  /** Whether it may be offered for the face of this name. */
  boolean allows(String face);

  /** Kit: shared, as its form allows. */
  record Everybody() implements ForWhom {
    @Override
    public boolean allows(String face) {
      return true;
    }
  }

  /** The artist's own: never offered for others. */
  record TheArtist() implements ForWhom {
    @Override
    public boolean allows(String face) {
      return false;
    }
  }

  /**
   * One person's: a sponge, drops, a felt tip that touched one face.
   *
   * @param person her name as it stands on bookings, compared without regard to case
   */
  record Only(String person) implements ForWhom {
    public Only {
      if (person.isBlank()) {
        throw new IllegalArgumentException("A one-person thing says whose it is: write the name.");
      }
    }

    @Override
    public boolean allows(String face) {
      return person.strip().equalsIgnoreCase(face.strip());
    }
  }
}
