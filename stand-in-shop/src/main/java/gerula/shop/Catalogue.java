package gerula.shop;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** What the shop sells: a table of offers, as the product reads them. */
record Catalogue(String csv, List<Sold> sold) {

  private static final CSVFormat AS_TABLE =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  /**
   * @param packs that are sold together
   * @param price of all of them
   */
  record Sold(String maker, String name, String shade, int packs, BigDecimal price) {

    private boolean is(String otherMaker, String otherName, String otherShade) {
      return same(maker, otherMaker) && same(name, otherName) && same(shade, otherShade);
    }

    private static boolean same(String one, String other) {
      return one.strip().toLowerCase(Locale.ROOT).equals(other.strip().toLowerCase(Locale.ROOT));
    }
  }

  Catalogue {
    sold = List.copyOf(sold);
  }

  static Catalogue shipped() {
    try (InputStream in =
        Objects.requireNonNull(Catalogue.class.getResourceAsStream("catalogue.csv"))) {
      return of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static Catalogue of(String csv) throws IOException {
    try (CSVParser table = AS_TABLE.parse(new StringReader(csv))) {
      return new Catalogue(csv, table.stream().map(Catalogue::sold).toList());
    }
  }

  private static Sold sold(CSVRecord row) {
    return new Sold(
        row.get("maker"),
        row.get("product"),
        row.get("shade"),
        Integer.parseInt(row.get("packs")),
        new BigDecimal(row.get("price")));
  }

  /** The smallest pack of it. */
  Optional<Sold> find(String maker, String name, String shade) {
    return sold.stream()
        .filter(one -> one.is(maker, name, shade))
        .min(Comparator.comparingInt(Sold::packs));
  }
}
