package gerula.core.cleandown;

import static gerula.core.cleandown.Contact.How.APPLICATOR;
import static gerula.core.cleandown.Contact.How.DIRECT;
import static gerula.core.cleandown.Contact.How.DOUBLE_DIP;
import static gerula.core.cleandown.Contact.How.PALETTE;
import static gerula.core.cleandown.Contact.How.SPRAY;

import gerula.core.kit.product.Form;
import java.util.List;

/** In which ways a thing of a form touches somebody. Common practice. */
public final class HowUsed {

  private HowUsed() {}

  /** The usual way first; of what nobody knows what it is, all of them. */
  public static List<Contact.How> ways(Form form) {
    return switch (form) {
      case PRESSED_POWDER,
          LOOSE_POWDER,
          CREAM,
          SETTING_CREAM,
          BALM,
          LIQUID_PUMP_OR_SQUEEZE,
          LIQUID_DIP_APPLICATOR,
          LIPSTICK_BULLET,
          STICK,
          ALCOHOL_ACTIVATED_PALETTE,
          WATER_ACTIVATED_PAINT,
          LATEX_OR_SILICONE,
          OTHER ->
          List.of(PALETTE, APPLICATOR, DIRECT, DOUBLE_DIP);
      case MASCARA, ADHESIVE -> List.of(APPLICATOR, PALETTE, DIRECT, DOUBLE_DIP);
      case SHARPENABLE_PENCIL, TWIST_UP_PENCIL, FELT_TIP_PEN, MEDICATED_DROPS ->
          List.of(DIRECT, PALETTE);
      case THIN_SPRAY, STICKY_SPRAY, AEROSOL -> List.of(SPRAY, PALETTE);
      case ELECTRICAL_TOOL -> List.of(SPRAY, DIRECT);
      case LASHES,
          BRUSH_SYNTHETIC,
          BRUSH_NATURAL,
          BRUSH_DUO_FIBRE,
          FOAM_SPONGE,
          SINGLE_USE,
          FABRIC_PUFF,
          METAL_TOOL,
          SHARPENER,
          TEXTILE ->
          List.of(DIRECT);
    };
  }

  public static Contact.How usual(Form form) {
    return ways(form).getFirst();
  }
}
