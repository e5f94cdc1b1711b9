package gerula.app.ledger;

import tools.jackson.databind.node.ObjectNode;

/**
 * Brings a state that was written before a migration to what that migration made of such things, so
 * that an act from before it can be undone. One stands for each migration that renames a column,
 * changes what it holds, or adds one that every thing has to have.
 */
public interface Upcaster {

  /** The number of the newest migration: of which states are written. A test holds it to them. */
  int NEWEST_LEVEL = 32;

  /** The number of the migration. */
  int level();

  /**
   * @param state by column, changed in place; some columns only when the thing is there, all when
   *     it has to be made
   * @param isWhole whether the thing has to be made from it
   */
  void bringUp(ThingKind kind, ObjectNode state, boolean isWhole);
}
