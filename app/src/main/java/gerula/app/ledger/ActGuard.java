package gerula.app.ledger;

/**
 * What has to hold whatever was done. Asked at the end of every act and every undo, within their
 * transaction, before anything of it is kept.
 */
public interface ActGuard {

  /**
   * @throws gerula.app.platform.errors.Refused when what was touched is not as it has to be, with
   *     what stands in the way
   */
  void check(Touched touched);
}
