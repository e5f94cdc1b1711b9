package gerula.core.booking;

/**
 * What one face takes on one day, in thousandths of a millilitre or gram. Common practice, usual
 * column; those marked ~ are estimates from memory.
 */
final class AmountsPerFace {

  static final long FOUNDATION = 600; // ~
  static final long PRIMER = 300; // ~
  static final long MOISTURISER = 1000; // ~
  static final long CONCEALER = 200; // ~
  static final long CORRECTOR = 100; // ~
  static final long SETTING_SPRAY = 1000; // ~
  static final long SUNSCREEN = 1000; // ~
  static final long POWDER = 300; // ~
  static final long COLOUR = 50; // ~ brows, eyes
  static final long LINER = 20; // ~
  static final long MASCARA = 100; // ~
  static final long LASH_ADHESIVE = 50; // ~
  static final long LIP = 100; // ~
  static final long SURFACE_ALCOHOL = 8000; // ~ a turnover
  static final long HAND_SANITISER = 4000; // ~
  static final long HAND_SANITISER_WITHOUT_WATER = 6000; // ~

  private AmountsPerFace() {}
}
