package gerula.core.restock.offer;

/**
 * A cover that leaves at most so much unmet of each priority.
 *
 * @param options by need: those that may be chosen
 * @param level by need: its priority, from 0
 * @param pieces by need
 * @param toMeet pieces of each priority; 0 where nothing is asked, or the options see to it
 */
record CoverProblem(
    CoverFacts facts,
    CoverOption[][] options,
    int[] level,
    int[] pieces,
    int[] toMeet,
    Coverage coverage,
    CoverEffort effort) {

  int met(int need, CoverOption option) {
    return pieces[need] - option.unmet();
  }
}
