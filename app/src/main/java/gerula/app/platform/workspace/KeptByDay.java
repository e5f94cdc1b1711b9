package gerula.app.platform.workspace;

/** What is worked out from instants and kept by the days they fall on. */
public interface KeptByDay {

  /** The workspace's days begin and end at other instants now. Runs within the workspace. */
  void daysAreOthers();
}
