package gerula.bench.list;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.Sensitivity;
import gerula.core.packing.PackingList;
import gerula.core.rule.Code;
import java.sql.Array;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** A kit and a booking of the core, row by row: the way in is not what is measured. */
final class ListRows {

  private final Connection application;

  ListRows(Connection application, String email) throws SQLException {
    this.application = application;
    run(
        "select set_config('gerula.workspace', (select workspace_id::text from"
            + " access.account_by_email(?)), false)",
        email);
  }

  void fill(PackingList.PackingFacts facts) throws SQLException {
    for (UUID bag : facts.bags()) {
      run(
          "insert into gerula.place (id, name, kind, code, inner_width_mm, inner_depth_mm,"
              + " inner_height_mm, own_mass_g) values (?, 'case', 'case', 'CASE', 500, 350, 250,"
              + " 3000)",
          bag);
    }
    int number = 0;
    for (Item item : facts.kit().all()) {
      product(item.product());
      item(item, number++);
    }
    booking(facts.booking(), facts.bags());
  }

  private void product(Product one) throws SQLException {
    run(
        "insert into gerula.product (id, maker, name, shade, class, also_serves, form, content,"
            + " unit, colour, depth, shades, traits, composition)"
            + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?::jsonb, ?, ?::jsonb)",
        one.id(),
        one.maker(),
        one.name(),
        one.shade(),
        one.productClass().code(),
        codes(one.alsoServes()),
        one.form().code(),
        one.content().amount(),
        one.content().unit().code(),
        one.colour(),
        one.depth(),
        shades(one),
        codes(one.traits()),
        composition(one.composition()));
  }

  private void item(Item one, int number) throws SQLException {
    run(
        "insert into gerula.item (id, product_id, bought_on, opened_on, printed_expiry,"
            + " amount_left, home_place_id, now_place_id, code, cleanliness, personal,"
            + " use_first_on, discarded_on, discard_cause)"
            + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
        one.id(),
        one.product().id(),
        one.dates().boughtOn(),
        one.dates().openedOn(),
        one.dates().printedExpiry(),
        one.left().amount(),
        one.home(),
        one.now(),
        "I" + number,
        one.cleanliness().code(),
        one.forWhom() instanceof ForWhom.TheArtist,
        one.isUsedFirst() ? one.dates().boughtOn() : null,
        one.isDiscarded() ? one.dates().boughtOn() : null,
        one.isDiscarded() ? "empty" : null);
  }

  private void booking(Booking one, List<UUID> bags) throws SQLException {
    run(
        "insert into gerula.booking (id, title, first_day, last_day, location, conditions, bags,"
            + " kind, travel) values (?, ?, ?, ?, '', ?, ?, ?, ?)",
        one.id(),
        one.title(),
        one.firstDay(),
        one.lastDay(),
        codes(one.conditions()),
        application.createArrayOf("uuid", bags.toArray()),
        one.kind() == null ? null : one.kind().code(),
        one.travel() == null ? null : one.travel().code());
    int position = 0;
    for (Face face : one.faces()) {
      face(one, face, position++);
    }
  }

  private void face(Booking booking, Face one, int position) throws SQLException {
    run(
        "insert into gerula.face (id, booking_id, position, name, depth, skin_type, concerns,"
            + " sensitivities, services, hair, looks_per_day, colour_l, colour_a, colour_b)"
            + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
        one.id(),
        booking.id(),
        position,
        one.name(),
        one.depth(),
        one.skinType().code(),
        codes(one.concerns()),
        texts(one.sensitivities().stream().map(Sensitivity::name).toList()),
        codes(one.services()),
        one.hair().code(),
        one.looksPerDay(),
        one.colour() == null ? null : one.colour().l(),
        one.colour() == null ? null : one.colour().a(),
        one.colour() == null ? null : one.colour().b());
  }

  private static String shades(Product one) {
    return one.shades().stream()
        .map(
            shade ->
                "{\"name\": \"%s\", \"colour\": %s, \"depth\": %s}"
                    .formatted(shade.name(), quoted(shade.colour()), shade.depth()))
        .collect(Collectors.joining(", ", "[", "]"));
  }

  private static String quoted(String text) {
    return text == null ? "null" : "\"" + text + "\"";
  }

  private static String composition(Composition composition) {
    return composition.answers().entrySet().stream()
        .map(ListRows::answer)
        .collect(Collectors.joining(", ", "{", "}"));
  }

  private static String answer(Map.Entry<Sensitivity, Composition.Answer> one) {
    return "\"%s\": {\"found\": \"%s\", \"on\": \"%s\"}"
        .formatted(one.getKey().name(), one.getValue().found().code(), one.getValue().checkedOn());
  }

  private Array codes(Collection<? extends Code> codes) throws SQLException {
    return texts(codes.stream().map(Code::code).toList());
  }

  private Array texts(List<String> texts) throws SQLException {
    return application.createArrayOf("text", texts.toArray());
  }

  private void run(String statement, Object... values) throws SQLException {
    try (PreparedStatement sql = application.prepareStatement(statement)) {
      for (int i = 0; i < values.length; i++) {
        sql.setObject(i + 1, values[i]);
      }
      sql.execute();
    }
  }
}
