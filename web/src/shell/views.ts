/** The views one goes to by name, what one does most first. */
export const VIEWS = [
  { to: "/", word: "Next" },
  { to: "/bookings", word: "Bookings" },
  { to: "/kit", word: "Kit" },
  { to: "/clean-down", word: "Clean-down" },
  { to: "/bench", word: "Bench" },
  { to: "/dates", word: "Dates" },
  { to: "/restock", word: "Restock" },
  { to: "/house", word: "House rules" },
];

/** In the hand there is room for so many beside Scan and the menu. */
export const IN_THE_BAR = 3;
