package gerula.browser;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;

/** Things of the demo that were used on its first face, and what there is to be seen of it. */
final class Wear {

  private static final String BOOKING = Demo.booking("Tidal island block");
  private static final String FACE = Demo.firstFace("Tidal island block");

  private Wear() {}

  /** Uses some of each kind, past the page. */
  static void use(Person artist) {
    use(artist, "palette", List.of("Lid primer", "Lip bullet", "Stage stick", "Fine powder"));
    use(artist, "direct", List.of("Spatula", "Steel palette", "Lash curler", "Brush set C"));
    use(artist, "direct", List.of("Pan shadow", "Lip pencil"));
  }

  private static void use(Person artist, String how, List<String> products) {
    String things =
        products.stream()
            .map(
                name ->
                    "{\"id\": \"%s\", \"item\": \"%s\", \"how\": \"%s\"}"
                        .formatted(UUID.randomUUID(), Demo.item(name), how))
            .collect(Collectors.joining(", "));
    artist.send(
        "/api/bookings/" + BOOKING + "/faces/" + FACE + "/use",
        "{\"actId\": \"%s\", \"things\": [%s]}".formatted(UUID.randomUUID(), things));
  }

  static String turnover() {
    return "/bookings/" + BOOKING + "/turnover?from=" + FACE;
  }

  static String reach() {
    return "/kit/items/" + Demo.item("Spatula") + "/reach";
  }
}
