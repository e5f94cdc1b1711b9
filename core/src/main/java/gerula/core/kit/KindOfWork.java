package gerula.core.kit;

import gerula.core.rule.Code;

/** What an artist works on, which decides what a kit usually holds. */
public enum KindOfWork implements Code {
  SCREEN_DRAMA,
  NEWS_AND_TALK,
  STAGE_AND_DANCE,
  PORTRAITS,
  EDITORIAL,
  EVENT,
  TRAINING,
  EFFECTS
}
