import type { Drive, Finish, HeadStyle } from "../../catalogue/looks";

export const HEAD_WORDS: Readonly<Record<HeadStyle, string>> = {
  hex: "hexagon",
  "flange-hex": "flange hexagon",
  "socket-cap": "socket cap",
  "low-cap": "low socket cap",
  "narrow-cap": "narrow socket cap",
  button: "button",
  csk: "countersunk",
  "raised-csk": "raised countersunk",
  pan: "pan",
  truss: "truss",
  round: "round",
  cheese: "cheese",
  carriage: "carriage",
  square: "square",
  t: "T",
  set: "headless set screw",
  shoulder: "shoulder",
  stud: "stud",
  eye: "eye",
  wing: "wing",
};

export const DRIVE_WORDS: Readonly<Record<Drive, string>> = {
  hexagon: "spanner",
  socket: "hexagon socket",
  slot: "slot",
  cross: "cross recess",
  star: "hexalobular",
  square: "square spanner",
  hand: "by hand",
  none: "nothing",
};

export const FINISH_WORDS: Readonly<Record<Finish, string>> = {
  plain: "plain or black",
  phosphate: "phosphated",
  zinc: "zinc plated",
  "zinc-yellow": "yellow zinc plated",
  "zinc-flake": "zinc flake",
  nickel: "nickel plated",
  galvanised: "hot-dip galvanised",
  stainless: "stainless steel",
  brass: "brass",
  aluminium: "aluminium",
  titanium: "titanium",
  plastic: "plastic",
  cadmium: "cadmium",
};
