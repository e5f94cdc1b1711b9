package gerula.app.kit;

import gerula.core.kit.Place;

/** A place and how often it was changed. */
public record StoredPlace(Place place, int version) {}
