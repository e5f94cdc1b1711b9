package gerula.core.rule;

/** What is done with tubes that have their own applicator. */
public enum DipPractice implements Code {
  /** Scraped onto the palette, or taken with a disposable, one dip each. */
  SCRAPE_OR_DISPOSABLE,
  /** Emptied into squeeze bottles. */
  INTO_SQUEEZE_BOTTLES
}
