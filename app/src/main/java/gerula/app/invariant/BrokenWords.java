package gerula.app.invariant;

import gerula.core.invariant.Broken;

/** What is not as it has to be, in words: as a refusal says it, and as a mending says it was. */
final class BrokenWords {

  private BrokenWords() {}

  /** Why something cannot be done. */
  static String refused(Broken broken) {
    return switch (broken) {
      case Broken.PlaceInItself circle when circle.places().size() == 1 ->
          circle.names().getFirst() + " would lie in itself. Choose another place.";
      case Broken.PlaceInItself circle ->
          String.join(" and ", circle.names())
              + " would lie in each other. Move one of them first.";
      case Broken.TooDeep deep ->
          deep.name()
              + " would lie in more than "
              + (deep.deepest() - 1)
              + " other places. Put it somewhere further out.";
      case Broken.SlotShared slot ->
          String.join(" and ", slot.names())
              + " would both have slot "
              + slot.slot()
              + ". Move one of them first.";
      case Broken.NoSuchSlot slot ->
          slot.name() + " has slot " + slot.slot() + " of its home. Move it to another slot first.";
      case Broken.PaletteApart torn ->
          torn.name() + " and the pans in it would lie in different places. Move it as a whole.";
      case Broken.SeveralPlaces several ->
          several.name() + " would be several places at once. Choose one of them.";
      case Broken.PlaceIsGone gone ->
          gone.name() + " is used as a place. Empty it and remove the place first.";
      case Broken.FilledFromItself _ ->
          "The container would have been filled from itself. Undo the later filling first.";
      case Broken.PackedButGone packed ->
          packed.name() + " is packed for " + packed.title() + ". Take it out there first.";
      case Broken.PackedAfterwards packed ->
          packed.title() + " is over and everything was put back. Nothing can be packed for it.";
      case Broken.NoSuchBag bag ->
          "A bag of " + bag.title() + " would not be there. Choose another bag for it first.";
      case Broken.AmountOutOfBounds amount ->
          amount.name()
              + " holds 0 to "
              + amount.most().stripTrailingZeros().toPlainString()
              + ", but "
              + amount.left().stripTrailingZeros().toPlainString()
              + " would be left in it.";
    };
  }

  /** What was found and what was done about it. */
  static String mended(Broken broken) {
    return switch (broken) {
      case Broken.PlaceInItself circle ->
          String.join(" and ", circle.names())
              + " were inside each other. One of them now stands on its own: put it where it is.";
      case Broken.TooDeep deep ->
          deep.name() + " was nested too deep. One of the places around it now stands on its own.";
      case Broken.SlotShared slot ->
          String.join(" and ", slot.names()) + " had the same slot. Only one of them has it now.";
      case Broken.NoSuchSlot slot ->
          slot.name()
              + " had slot "
              + slot.slot()
              + ", which its home does not have. It has none now.";
      case Broken.PaletteApart torn ->
          torn.name() + " was recorded in two places. It is now where its pans are.";
      case Broken.SeveralPlaces several ->
          several.name() + " was recorded as several places. It is one of them now.";
      case Broken.PlaceIsGone gone ->
          gone.name()
              + " was a discarded item that still held things. It is a place of its own now.";
      case Broken.FilledFromItself _ ->
          "A container was recorded as filled from itself. The last of those fillings now counts as washed out.";
      case Broken.PackedButGone packed ->
          packed.name()
              + " was discarded but still packed for "
              + packed.title()
              + ". It is unpacked now.";
      case Broken.PackedAfterwards packed ->
          "Something was still packed for "
              + packed.title()
              + ", which is over. It is unpacked now.";
      case Broken.NoSuchBag bag ->
          "A bag chosen for " + bag.title() + " is not there any more. Choose another one.";
      case Broken.AmountOutOfBounds amount ->
          amount.name() + " was recorded with an impossible amount left. Check how much is in it.";
    };
  }
}
