package gerula.app.booking;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.booking.Concern;
import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.kit.product.Sensitivity;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A face as somebody describes it.
 *
 * @param id made by the client for a new face, kept for one that stays
 * @param person who it is, null: whoever goes by the name, or nobody in particular
 * @param name as long as it is nobody in particular
 * @param depth skin depth, 1 (lightest) to 10 (deepest)
 * @param sensitivities known codes or own words
 */
public record FaceDraft(
    @NotNull UUID id,
    @Nullable UUID person,
    @Visible(message = "A face has a name.")
        @Size(max = 80, message = "A name has at most 80 characters.")
        String name,
    double depth,
    @NotNull(message = "Say what skin it is.") SkinType skinType,
    @NotNull Set<Concern> concerns,
    @NotNull @Size(max = 30, message = "At most 30 sensitivities are noted.")
        List<String> sensitivities,
    @NotNull Set<Service> services) {

  static FaceDraft of(Face face) {
    return new FaceDraft(
        face.id(),
        face.person(),
        face.name(),
        face.depth(),
        face.skinType(),
        face.concerns(),
        face.sensitivities().stream().sorted().map(Sensitivity::name).toList(),
        face.services());
  }

  Optional<Face> toFace(Faults faults, String path) {
    Optional<Set<Sensitivity>> borneBadly =
        faults.build(
            path + "sensitivities",
            () -> sensitivities.stream().map(Sensitivity::new).collect(Collectors.toSet()));
    return borneBadly.flatMap(
        known ->
            faults.build(
                path + "depth",
                () ->
                    new Face(
                        id, person, name.strip(), depth, skinType, concerns, known, services)));
  }
}
