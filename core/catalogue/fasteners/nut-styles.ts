export const NUT_STYLES = [
  "hex",
  "heavy",
  "thin",
  "nylon-insert",
  "all-metal",
  "flange",
  "castle",
  "dome",
  "wing",
  "coupling",
  "weld",
  "square",
] as const;

export type NutStyle = (typeof NUT_STYLES)[number];
