package gerula.core.shade.carry;

import gerula.core.shade.Lab;

/** A face and the colour its base has to meet. */
public record FaceColour(String id, Lab colour) {}
