package gerula.core.kit;

import gerula.core.rule.Code;

/** What a thing physically is. It decides how it may be shared, decanted, dated and carried. */
public enum Form implements Code {
  PRESSED_POWDER("pressed-powder"),
  LOOSE_POWDER("loose-powder"),
  CREAM("cream"),
  SETTING_CREAM("setting-cream"),
  LIQUID_PUMP_OR_SQUEEZE("liquid-pump-or-squeeze"),
  LIQUID_DIP_APPLICATOR("liquid-dip-applicator"),
  MASCARA("mascara"),
  LIPSTICK_BULLET("lipstick-bullet"),
  STICK("stick"),
  SHARPENABLE_PENCIL("sharpenable-pencil"),
  TWIST_UP_PENCIL("twist-up-pencil"),
  FELT_TIP_PEN("felt-tip-pen"),
  BALM("balm"),
  THIN_SPRAY("thin-spray"),
  STICKY_SPRAY("sticky-spray"),
  AEROSOL("aerosol"),
  ALCOHOL_ACTIVATED_PALETTE("alcohol-activated-palette"),
  WATER_ACTIVATED_PAINT("water-activated-paint"),
  ADHESIVE("adhesive"),
  LATEX_OR_SILICONE("latex-or-silicone"),
  LASHES("lashes"),
  BRUSH_SYNTHETIC("brush-synthetic"),
  BRUSH_NATURAL("brush-natural"),
  BRUSH_DUO_FIBRE("brush-duo-fibre"),
  FOAM_SPONGE("foam-sponge"),
  SINGLE_USE("single-use"),
  FABRIC_PUFF("fabric-puff"),
  METAL_TOOL("metal-tool"),
  SHARPENER("sharpener"),
  ELECTRICAL_TOOL("electrical-tool"),
  TEXTILE("textile"),
  MEDICATED_DROPS("medicated-drops"),
  OTHER("other");

  private final String code;

  Form(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
