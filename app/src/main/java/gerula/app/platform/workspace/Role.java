package gerula.app.platform.workspace;

import gerula.core.rule.Code;

/**
 * What somebody may do in a workspace. Kept in the database and looked up for each request, so that
 * what was taken away is gone at once.
 */
public enum Role implements Code {
  OWNER,
  ARTIST,
  ASSISTANT,
  VIEWER;

  /** Whether he may do anything with the kit and the bookings. */
  public boolean mayAct() {
    return this != VIEWER;
  }

  /** Whether he may settle what holds for the whole workspace. */
  public boolean maySettle() {
    return this == OWNER;
  }
}
