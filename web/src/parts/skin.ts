/** Skin from light to deep that leans to neither side. From memory. */
export const NEUTRAL = [
  "#f3e0d2",
  "#ecd0b9",
  "#e0bb9c",
  "#d3a680",
  "#c08f68",
  "#a87550",
  "#8d5d3d",
  "#71472e",
  "#553423",
  "#3b251a",
];

/**
 * What skin of each depth, 1 to 10, looks like by undertone: to choose by, not to match by. All but
 * the neutral row lie a few steps of CIELAB to its sides.
 */
export const SKIN_RAMP: { undertone: string; colours: string[] }[] = [
  {
    undertone: "cool",
    colours: [
      "#f4dfd8",
      "#eecfc0",
      "#e2baa3",
      "#d5a488",
      "#c28d70",
      "#aa7358",
      "#8f5b45",
      "#734535",
      "#573329",
      "#3c241f",
    ],
  },
  { undertone: "neutral", colours: NEUTRAL },
  {
    undertone: "warm",
    colours: [
      "#f6e0cb",
      "#efcfb1",
      "#e3ba93",
      "#d6a576",
      "#c38e5e",
      "#ab7446",
      "#8f5c33",
      "#734625",
      "#57341c",
      "#3d2514",
    ],
  },
  {
    undertone: "olive",
    colours: [
      "#efe2ce",
      "#e7d2b4",
      "#dbbd96",
      "#cea97a",
      "#bb9262",
      "#a3784a",
      "#886037",
      "#6c4a29",
      "#51361e",
      "#382716",
    ],
  },
];
