package gerula.app.platform.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Objects;
import java.util.Optional;
import net.coobird.thumbnailator.filters.ImageFilter;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/** How a camera was held: it notes that beside the pixels instead of turning them. */
final class CameraNote {

  private CameraNote() {}

  /** What stands the picture upright; nothing is done when it notes nothing that can be read. */
  static ImageFilter upright(byte[] picture) {
    return noted(picture)
        .map(Orientation::typeOf)
        .<ImageFilter>map(ExifFilterUtils::getFilterForOrientation)
        .orElse(image -> image);
  }

  private static Optional<Integer> noted(byte[] picture) {
    try {
      return ImageMetadataReader.readMetadata(new ByteArrayInputStream(picture), picture.length)
          .getDirectoriesOfType(ExifIFD0Directory.class)
          .stream()
          .map(directory -> directory.getInteger(ExifIFD0Directory.TAG_ORIENTATION))
          .filter(Objects::nonNull)
          .findFirst();
    } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
      // The note is a help, not the picture: one that is broken is passed over.
      return Optional.empty();
    }
  }
}
