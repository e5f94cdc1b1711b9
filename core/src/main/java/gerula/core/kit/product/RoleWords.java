package gerula.core.kit.product;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What a product's words say its colours are there for. A guess, and told as one. */
final class RoleWords {

  private static final Map<String, Map<Pattern, Set<Role>>> BY_FAMILY = new LinkedHashMap<>();

  static {
    words(
        "eyes",
        "palette|quad|trio|neutrals?|shadow (set|box)",
        Role.EYES_MATTE_LIGHT,
        Role.EYES_MATTE_MID,
        Role.EYES_MATTE_DEEP,
        Role.EYES_SHIMMER);
    words("eyes", "shimmer|pearl|champagne|metallic|frost|glitter|satin", Role.EYES_SHIMMER);
    words("eyes", "ivory|bone|vanilla|cream|white|light|nude|beige|shell", Role.EYES_MATTE_LIGHT);
    words("eyes", "taupe|mid|tan|brown|mauve|clay|sand", Role.EYES_MATTE_MID);
    words("eyes", "black|deep|dark|espresso|charcoal|chocolate|plum", Role.EYES_MATTE_DEEP);
    words(
        "eyes",
        "blue|green|teal|purple|violet|yellow|orange|red|pink|bright|bold|neon",
        Role.EYES_BOLD);
    words("liner", "black|noir|jet|carbon|ink", Role.LINER_BLACK);
    words("liner", "brown|espresso|chocolate|bronze|umber", Role.LINER_BROWN);
    words("blush", "palette|duo|trio", Role.BLUSH_PINK, Role.BLUSH_PEACH);
    words("blush", "pink|rose|mauve|petal", Role.BLUSH_PINK);
    words("blush", "peach|coral|apricot|terracotta|melon", Role.BLUSH_PEACH);
    words("blush", "berry|brick|plum|wine|fig|currant", Role.BLUSH_BERRY);
    words("contour", "palette|kit", Role.CONTOUR_LIGHT, Role.CONTOUR_MID, Role.CONTOUR_DEEP);
    words("contour", "light|fair", Role.CONTOUR_LIGHT);
    words("contour", "mid|medium", Role.CONTOUR_MID);
    words("contour", "deep|dark|rich", Role.CONTOUR_DEEP);
    words("bronzer", "light|fair|soft", Role.BRONZER_LIGHT);
    words("bronzer", "mid|medium", Role.BRONZER_MID);
    words("bronzer", "deep|dark|rich", Role.BRONZER_DEEP);
    words("highlighter", "pale|pearl|champagne|ice|light|moon", Role.HIGHLIGHTER_PALE);
    words("highlighter", "gold|golden|bronze|copper|honey|sun", Role.HIGHLIGHTER_GOLD);
    words("brows", "palette|kit", Role.BROWS_TAUPE, Role.BROWS_MID_BROWN, Role.BROWS_DARK);
    words("brows", "blonde?|fair|light", Role.BROWS_FAIR);
    words("brows", "taupe|ash|soft brown", Role.BROWS_TAUPE);
    words("brows", "mid|medium|brown|brunette", Role.BROWS_MID_BROWN);
    words("brows", "dark|black|ebony|espresso", Role.BROWS_DARK);
    words("brows", "auburn|red|copper|ginger", Role.BROWS_AUBURN);
    words("brows", "grey|gray|silver|slate", Role.BROWS_GREY);
    words("lips", "palette", Role.LIPS_NUDE_MID, Role.LIPS_ROSE, Role.LIPS_RED);
    words("lips", "(light|pale|fair) nude|nude (light|pale)|beige", Role.LIPS_NUDE_LIGHT);
    words("lips", "(deep|dark) nude|nude (deep|dark)|cocoa|brown", Role.LIPS_NUDE_DEEP);
    words("lips", "nude|caramel|natural", Role.LIPS_NUDE_MID);
    words("lips", "rose|pink|mauve|petal", Role.LIPS_ROSE);
    words("lips", "red|berry|wine|cherry|plum|ruby|scarlet", Role.LIPS_RED);
    words("lashes", "natural|wispy|light|soft|demi", Role.LASHES_NATURAL);
    words("lashes", "full|volume|thick|dramatic|long|bold", Role.LASHES_FULL);
    words("correct", "palette|wheel", Role.CORRECT_GREEN, Role.CORRECT_PEACH, Role.CORRECT_ORANGE);
    words("correct", "green|redness", Role.CORRECT_GREEN);
    words("correct", "peach|salmon", Role.CORRECT_PEACH);
    words("correct", "orange|apricot", Role.CORRECT_ORANGE);
    words("correct", "red orange|brick", Role.CORRECT_RED);
    words("correct", "lavender|lilac|purple|violet", Role.CORRECT_LAVENDER);
    words("correct", "yellow|banana", Role.CORRECT_YELLOW);
  }

  private RoleWords() {}

  private static void words(String family, String any, Role... roles) {
    BY_FAMILY
        .computeIfAbsent(family, _ -> new LinkedHashMap<>())
        .put(Pattern.compile("\\b(" + any + ")\\b"), Set.of(roles));
  }

  /** The roles of the first words that are known, for each family; a palette is for several. */
  static Set<Role> of(Product product) {
    Set<Role> roles = EnumSet.noneOf(Role.class);
    String words = Roles.words(product);
    for (ProductClass one : product.classes()) {
      String family = family(one);
      for (Map.Entry<Pattern, Set<Role>> known :
          BY_FAMILY.getOrDefault(family, Map.of()).entrySet()) {
        if (known.getKey().matcher(words).find()) {
          roles.addAll(known.getValue());
          break;
        }
      }
      if (one == ProductClass.PRIMER || one == ProductClass.CONCEALER) {
        // Peach or yellow is how a base or a concealer for skin is called too.
        roles.removeIf(
            role ->
                role.family().equals("correct")
                    && role != Role.CORRECT_GREEN
                    && role != Role.CORRECT_LAVENDER);
      }
      if (one == ProductClass.LIP_PENCIL) {
        Set<Role> pencils = EnumSet.noneOf(Role.class);
        roles.stream().filter(role -> role.family().equals("lips")).forEach(pencils::add);
        roles.removeAll(pencils);
        pencils.forEach(role -> roles.add(role.pencil()));
      }
    }
    return roles;
  }

  private static String family(ProductClass one) {
    return switch (one) {
      case EYE_SHADOW, CREAM_SHADOW -> "eyes";
      case EYE_PENCIL, GEL_LINER, LIQUID_LINER -> "liner";
      case BLUSH, POWDER_COLOUR, CREAM_COLOUR -> "blush";
      case CONTOUR -> "contour";
      case BRONZER -> "bronzer";
      case HIGHLIGHTER -> "highlighter";
      case BROW_PENCIL, BROW_POWDER, BROW_GEL -> "brows";
      case LIP_COLOUR, LIP_GLOSS, LIP_PENCIL -> "lips";
      case STRIP_LASHES -> "lashes";
      case CORRECTOR, PRIMER, CONCEALER -> "correct";
      default -> "";
    };
  }
}
