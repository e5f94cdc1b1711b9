package gerula.core.cleandown.work;

import gerula.core.cleandown.treatment.Step;
import java.time.Instant;

/** A step that was done, or a wait that somebody saw was over, and when. */
public record DoneStep(Step step, Instant at) {}
