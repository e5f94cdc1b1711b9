package gerula.core.rule;

/** What becomes of a lipstick bullet or a stick that touched skin. */
public enum BulletPractice implements Code {
  /** It is only scraped from; what touched skin is that person's. */
  SCRAPE_ONLY,
  /** A layer is taken off, then it is sprayed. */
  WIPE_AND_SPRAY
}
