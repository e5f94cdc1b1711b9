package gerula.core.kit.intake;

import gerula.core.rule.Code;
import java.util.List;

/**
 * The columns of a kit as a table. The first spelling is the one written; the others are read too.
 */
public enum KitColumn implements Code {
  CODE("label code", "item code"),
  MAKER("brand", "make", "manufacturer", "company", "label", "house"),
  NAME("product", "product name", "item", "item name", "title", "line", "description"),
  SHADE("colour name", "color name", "shade name", "variant", "tone"),
  COLOUR("hex", "hex colour", "hex color", "rgb", "colour", "color", "shade colour"),
  FINISH("effect", "texture finish"),
  COVERAGE("opacity"),
  CLASS("category", "type", "kind", "product type", "used for", "what it is for"),
  ALSO_SERVES("also for", "further uses", "second use", "multi use"),
  FORM("format", "formula", "texture"),
  SIZE(
      "content",
      "volume",
      "pack size",
      "net",
      "net content",
      "ml",
      "capacity",
      "quantity per pack"),
  UNIT("units", "measured in", "uom"),
  DEPTH("skin depth", "level", "suits depth"),
  SHADES_IN_PACK("shades in it", "colours in it"),
  ROLES("role", "colour role", "colour is for"),
  TRAITS("properties", "tags", "features"),
  CONTAINS("allergens", "ingredients to mind", "sensitivities", "warnings"),
  FREE_OF("free from", "without", "does not contain"),
  SPF("sun protection", "sun factor"),
  WATT_HOURS("wh", "battery"),
  BRUSHES("brushes in the set", "number of brushes"),
  PACK_CODE("barcode", "ean", "upc", "gtin"),
  MONTHS_AFTER_OPENING("pao", "period after opening", "months open", "open jar"),
  PACK_OUTLINE(),
  PACK_WIDTH_MM("width", "width mm"),
  PACK_DEPTH_MM("depth mm", "length mm"),
  PACK_HEIGHT_MM("height", "height mm"),
  PACK_MASS_G("weight", "mass", "weight g", "gross weight"),
  CONTAINER("decanted into", "vessel", "depot"),
  CONTAINER_SIZE("decant size"),
  CONTAINER_OUTLINE(),
  CONTAINER_WIDTH_MM(),
  CONTAINER_DEPTH_MM(),
  CONTAINER_HEIGHT_MM(),
  CONTAINER_MASS_G(),
  LEFT("amount left", "remaining", "amount", "how much", "fill level"),
  /** How many of them: pieces of counted stock, else that many things. Read, never written. */
  COUNT("qty", "quantity", "stock", "pcs", "pieces", "number", "how many"),
  BATCH("lot", "batch number", "lot number", "batch code"),
  MADE("made on", "manufactured", "production date"),
  BOUGHT("bought on", "purchased", "purchase date", "date bought"),
  OPENED("opened on", "date opened", "open date", "opening date"),
  EXPIRY("printed expiry", "expires", "expiry date", "exp", "best before", "use by", "expiration"),
  PRICE("cost", "paid", "price paid"),
  CURRENCY(),
  HOME("belongs in", "home place"),
  NOW("location", "place", "where", "stored in", "storage", "bag", "drawer", "position"),
  ASK_BACK("ask back on", "due back"),
  CLEANLINESS("clean", "hygiene"),
  PERSONAL("mine", "own use", "private"),
  ONLY_FOR("for one person", "reserved for", "client only"),
  FAVOURITE("favorite", "fav", "loved"),
  RARE("rare but needed", "keep anyway"),
  BRUSH_SET("set", "brush roll"),
  NOTE("notes", "comment", "comments", "remarks", "remark");

  private final List<String> synonyms;

  KitColumn(String... synonyms) {
    this.synonyms = List.of(synonyms);
  }

  /** As it is written in the header line. */
  public String header() {
    return code();
  }

  /** Other headers that mean it, lower case. */
  public List<String> synonyms() {
    return synonyms;
  }
}
