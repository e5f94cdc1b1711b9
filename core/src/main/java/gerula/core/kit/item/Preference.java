package gerula.core.kit.item;

/**
 * How the artist stands to an item.
 *
 * @param isFavourite taken before others that would do as well
 * @param isRare kept for cases that come seldom: taken after others
 */
public record Preference(boolean isFavourite, boolean isRare) {

  public static final Preference NONE = new Preference(false, false);
}
