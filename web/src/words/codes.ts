/** Codes whose words are not just the code with spaces. */
const WORDS: Record<string, string> = {
  "alcohol-70": "alcohol 70 %",
  "alcohol-99": "alcohol 99 %",
  "skin-alcohol": "alcohol on skin",
  "close-up": "close-up",
  spf: "SPF",
  dense: "dense, for a brush",
  "touch-up-jars": "touch-up jars",
  "touch-up-jar": "touch-up jar",
  wet: "rain or spray",
  tears: "tears on camera",
  cramped: "cramped room",
  remote: "no shop within an hour",
  "masks-or-helmets": "masks or helmets",
  night: "work at night",
  "pool-or-sea": "pool or sea",
  strobe: "strobe light",
  "vehicle-heat-or-frost": "bags left in a hot or frozen car",
  "early-call": "call before six",
  "long-day": "long day",
  "flight-cabin": "by air, cabin bags",
  "flight-hold": "by air, checked bags",
  car: "by car",
  train: "by train",
  correct: "colour correcting",
  "stand-by": "stand-by on set",
  "touch-up-kit": "touch-up kit to take home",
  "take-off": "taking it off",
  "fx-bruise": "bruise",
  "fx-burn": "burn",
  "fx-dirt": "dirt",
  "fx-sweat-tears": "sweat or tears",
  "fx-grey-hair": "grey hair",
  "fx-wound": "wound",
  "fx-blood": "blood",
  "fx-age": "ageing",
  "fx-bald-cap": "bald cap",
  "fx-piece": "prosthetic piece",
  "fx-hair": "facial hair, laid on",
  "fx-tattoo": "tattoo transfer",
  "fx-teeth": "tooth colour",
  "fx-lenses": "lenses, by a licensed fitter",
  sallow: "sallow skin",
  tattoo: "tattoo to cover",
  "mid-brown": "mid brown",
  tubing: "tubing, for oily lids",
  dim: "dim room",
  daylight: "daylight outdoors",
  flash: "flash after dark",
  "screen-drama": "film and television",
  "news-and-talk": "news and talk shows",
  "stage-and-dance": "stage and dance",
  event: "weddings and events",
  training: "teaching",
  effects: "special effects",
  heat: "heat, humidity",
  "no-water": "no running water",
  "long-carry": "stairs, sand, snow",
  returned: "sent back",
  "written-off": "written off",
  "set-up": "Set-up",
  comfort: "light and comfort",
  "cream-colour": "cream colour",
  "powder-colour": "powder colour",
  brush: "brush",
  wipe: "wipe",
  tissue: "tissue",
  charger: "charger",
  airbrush: "airbrush",
  "body-make-up": "body make-up",
  "after-shave": "after-shave",
  "hair-adhesive-lace": "lace adhesive",
  "base-brush": "foundation brush",
  micellar: "micellar water",
  straw: "drinking straw",
  card: "business card",
  piece: "pieces",
  "liquid-pump-or-squeeze": "liquid, pump or squeeze",
  "liquid-dip-applicator": "liquid, dip applicator",
  "brush-duo-fibre": "brush, duo-fibre",
  "brush-natural": "brush, natural hair",
  "brush-synthetic": "brush, synthetic",
  "sharpenable-pencil": "pencil, sharpenable",
  "twist-up-pencil": "pencil, twist-up",
  "felt-tip-pen": "felt-tip or brush pen",
  "single-use": "single-use",
  "last-of-it": "almost empty",
  flashback: "white in a flash",
  "not-for-all": "not for everybody",
  lent: "lent to somebody",
  repairer: "at a repairer",
  unknown: "location unknown",
  "a4-24": "A4, 24 labels of 70 × 37 mm",
  "a4-21": "A4, 21 labels of 63.5 × 38.1 mm",
  "a4-40": "A4, 40 labels of 52.5 × 29.7 mm",
  "a4-65": "A4, 65 labels of 38.1 × 21.2 mm",
  "a4-189": "A4, 189 labels of 25.4 × 10 mm",
  "tape-9": "tape, 9 mm",
  "tape-12": "tape, 12 mm",
  date: "its date",
  changed: "changed look, smell or texture",
  "for-flash": "flash",
};

/** A code in the trade's words, lower case. */
export function word(code: string): string {
  return WORDS[code] ?? code.replaceAll("-", " ");
}

/** What a need asks for: "eye colour, matte light"; what is no colour is its class. */
export function needWord(code: string): string {
  const [family = "", role] = code.split(":");
  return role ? `${FAMILIES[family] ?? word(family)}, ${word(role)}` : word(code);
}

/** A role without what it is a role of: "matte light". */
export function roleWord(role: string): string {
  return word(role.split(":")[1] ?? role);
}

const FAMILIES: Record<string, string> = {
  eyes: "eye colour",
  brows: "brow colour",
  lips: "lip colour",
  lashes: "lashes",
  correct: "corrector",
};

export function lower(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Codes as choices of a field. */
export function choices(codes: readonly string[]): { value: string; word: string }[] {
  return codes.map((value) => ({ value, word: word(value) }));
}

const SMALL = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];

/** Small numbers as words, as one writes them in a sentence. */
export function count(many: number, one: string, more = `${one}s`): string {
  return `${SMALL[many] ?? many} ${many === 1 ? one : more}`;
}
