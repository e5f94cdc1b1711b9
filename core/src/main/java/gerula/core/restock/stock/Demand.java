package gerula.core.restock.stock;

import java.time.LocalDate;

/**
 * What will be used from today on, day by day, with how far it may lie off. What faces take is
 * Gamma-Poisson where it is counted; else it differs from face to face by a share of itself. Both
 * have the pace itself to be unsure of, which all bookings share.
 */
final class Demand {

  private final StockFacts facts;
  private final LocalDate today;
  private final double[] mean;
  private final double[] variance;

  /**
   * @param days from today on, today is the first
   */
  Demand(StockFacts facts, LocalDate today, int days) {
    this.facts = facts;
    this.today = today;
    this.mean = new double[days];
    this.variance = new double[days];
    double booked = 0;
    double own = 0;
    for (int at = 0; at < days; at++) {
      for (BookingUse one : facts.bookings()) {
        double part = ofBooking(one, at);
        booked += part;
        own += part * ownVariance(one);
      }
      double passed = at + 1.0;
      double base = facts.baseline().deviation() * facts.baseline().deviation();
      mean[at] = booked + passed * facts.baseline().perDay();
      variance[at] =
          own
              + booked * booked * ofThePace()
              + base * passed * (1 + passed / facts.baseline().days());
    }
  }

  /** What a booking takes on a day, by the pace that was learnt. */
  double ofBooking(BookingUse one, int at) {
    return one.isOn(today.plusDays(at)) ? one.aDay() * facts.pace().share() : 0;
  }

  /** Variance for each part of what a booking takes. */
  private double ownVariance(BookingUse one) {
    double whole = one.amount() * facts.pace().share();
    return facts.isCounted() ? 1 : whole * square(FacePace.FROM_FACE_TO_FACE) / one.faces();
  }

  /** How unsure the pace itself is, as a share of it, squared. */
  private double ofThePace() {
    double faces = facts.pace().faces();
    return facts.isCounted()
        ? Math.min(1, 1 / (faces * perFace()))
        : square(FacePace.FROM_FACE_TO_FACE) / faces;
  }

  private double perFace() {
    double amount = facts.bookings().stream().mapToDouble(BookingUse::amount).sum();
    double faces = facts.bookings().stream().mapToDouble(BookingUse::faces).sum();
    return faces == 0 ? 1 : Math.max(0.01, facts.pace().share() * amount / faces);
  }

  private static double square(double one) {
    return one * one;
  }

  int days() {
    return mean.length;
  }

  double mean(int at) {
    return mean[at];
  }

  double variance(int at) {
    return variance[at];
  }

  /**
   * What will have been used by the end of each day if it goes so many deviations above the mean.
   */
  double[] at(double deviations) {
    double[] used = new double[mean.length];
    double before = 0;
    for (int at = 0; at < used.length; at++) {
      used[at] = Math.max(before, mean[at] + deviations * Math.sqrt(variance[at]));
      before = used[at];
    }
    return used;
  }
}
