import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { PinStyle, PlugDrive } from "./fastener-spec";

/** A style, the words any of which say it, and those that may stand with them. */
export type KindRow<Style> = readonly [
  style: Style,
  says: readonly string[],
  goesWith: readonly string[],
];

/** What tells nuts apart, by the kinds of the lexicon. */
export const NUT_KINDS: readonly KindRow<NutStyle>[] = [
  ["nylon-insert", ["nylon"], ["lock", "hex"]],
  ["all-metal", ["all-metal", "prevailing"], ["lock", "stiff", "hex"]],
  ["thin", ["thin"], ["lock", "hex"]],
  ["flange", ["flange"], ["serrated", "hex"]],
  ["castle", ["castle", "slotted"], ["hex"]],
  ["dome", ["dome"], ["hex"]],
  ["wing", ["wing"], []],
  ["coupling", ["coupling"], ["hex"]],
  ["square", ["square"], []],
  ["weld", ["weld"], ["hex"]],
  ["heavy", ["heavy"], ["hex"]],
  ["hex", ["hex", "full"], []],
];

/** What tells washers apart. */
export const WASHER_KINDS: readonly KindRow<WasherStyle>[] = [
  ["toothed", ["toothed", "serrated"], ["lock"]],
  ["wedge-lock", ["wedge-lock"], []],
  ["spring", ["spring", "split", "lock"], ["square"]],
  ["bonded-seal", ["bonded-seal"], []],
  ["copper", ["copper"], []],
  ["large", ["large"], ["flat"]],
  ["flat", ["flat", "form"], []],
];

/** What tells pins apart. */
export const PIN_KINDS: readonly KindRow<PinStyle>[] = [
  ["taper", ["taper"], []],
  ["split", ["split"], []],
  ["spring", ["spring", "tension"], ["slotted", "dowel"]],
  ["clevis", ["clevis"], []],
  ["dowel", ["dowel", "parallel"], []],
];

/** What turns a plug, by the words for it. */
export const PLUG_KINDS: readonly KindRow<PlugDrive | "unsaid">[] = [
  ["socket", ["socket"], ["hex", "of-plugs", "taper"]],
  ["square", ["square"], ["of-plugs", "taper"]],
  ["hexagon", ["hex"], ["of-plugs", "taper"]],
  ["unsaid", ["of-plugs", "taper"], []],
];

/** The one style that all the kinds said can be of; undefined where they are of different ones, or of none. */
export function styleOfKinds<Style>(
  rows: readonly KindRow<Style>[],
  kinds: readonly string[],
): Style | undefined {
  const said = rows.find(
    ([, says, goesWith]) =>
      kinds.some((kind) => says.includes(kind)) &&
      kinds.every((kind) => says.includes(kind) || goesWith.includes(kind)),
  );
  return said?.[0];
}
