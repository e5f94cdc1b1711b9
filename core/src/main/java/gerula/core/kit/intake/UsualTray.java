package gerula.core.kit.intake;

import gerula.core.kit.product.Section;
import gerula.core.rule.Code;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** The trays of a case as artists usually lay it out: what is used together lies together. */
public enum UsualTray implements Code {
  SKIN(Section.SKIN),
  BASE(Section.BASE, Section.POWDER),
  EYES(Section.BROWS, Section.EYES, Section.MASCARA, Section.LASHES),
  LIPS(Section.LIPS),
  BRUSHES(Section.BRUSHES),
  TOOLS(Section.TOOLS),
  DISPOSABLES(Section.DISPOSABLES),
  SET_UP(Section.SET_UP, Section.COMFORT);

  private final Set<Section> sections;

  UsualTray(Section first, Section... others) {
    sections = Collections.unmodifiableSet(EnumSet.of(first, others));
  }

  /** What it is called until somebody calls it otherwise. */
  public String title() {
    String words = code().replace('-', ' ');
    return this == SET_UP ? "Set-up" : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** What lies in it. */
  public Set<Section> sections() {
    return sections;
  }

  /** What is packed here first: the section that comes first in the work. */
  public Section first() {
    return sections.iterator().next();
  }

  /** Where things of this section lie. */
  public static UsualTray of(Section section) {
    for (UsualTray tray : values()) {
      if (tray.sections.contains(section)) {
        return tray;
      }
    }
    throw new IllegalStateException("No tray is for " + section.code() + ".");
  }
}
