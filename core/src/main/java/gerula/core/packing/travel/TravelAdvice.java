package gerula.core.packing.travel;

import gerula.core.rule.Code;

/** What can be done about something that may not go as it is packed. */
public enum TravelAdvice implements Code {
  /** Into a container of at most 100 ml, filled to 80 or 85 % with the air pressed out. */
  DECANT_TO_100_ML,
  HOLD_INSTEAD,
  CABIN_INSTEAD,
  /** Neither way: buy it there, or send it by ground. */
  BUY_THERE,
  ASK_THE_CARRIER,
  /** What would decide it is not known: look at the label, or measure it. */
  MEASURE_IT
}
