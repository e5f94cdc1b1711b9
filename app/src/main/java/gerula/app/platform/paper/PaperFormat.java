package gerula.app.platform.paper;

import gerula.core.rule.Code;

/** What is printed on. */
public enum PaperFormat implements Code {
  A4(210, 297),
  LETTER(215.9, 279.4);

  private final double widthMm;
  private final double heightMm;

  PaperFormat(double widthMm, double heightMm) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }
}
