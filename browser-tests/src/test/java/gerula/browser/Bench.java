package gerula.browser;

import java.util.List;
import java.util.UUID;

/** Sets a session up on the bench, as somebody who has been there before. */
final class Bench {

  static final List<String> PACKS =
      List.of(
          "Soft base",
          "Hold mist",
          "Make-up remover",
          "Harbour cream",
          "Fine powder",
          "Lip bullet",
          "Lip stain",
          "Pen concealer",
          "Stage stick");

  private Bench() {}

  /** Plans a session with the first thing of each of these products; its path. */
  static String planned(Person artist, List<String> products) {
    String session = UUID.randomUUID().toString();
    String chosen =
        String.join(
            ",",
            products.stream()
                .map(
                    product ->
                        """
                        {"item": "%s", "stays": false, "empty": null, "count": null,
                         "amount": null, "usePerMonth": null}"""
                            .formatted(Demo.item(product)))
                .toList());
    artist.send(
        "/api/bench/sessions",
        """
        {"actId": "%s", "id": "%s", "wantedMonths": 3, "backStock": null, "chosen": [%s]}
        """
            .formatted(UUID.randomUUID(), session, chosen));
    return "/bench/" + session;
  }

  /** The same under way. */
  static String begun(Person artist, List<String> products) {
    String path = planned(artist, products);
    artist.send(
        "/api/bench/sessions/" + path.substring("/bench/".length()) + "/begin",
        "{\"actId\": \"%s\"}".formatted(UUID.randomUUID()));
    return path;
  }
}
