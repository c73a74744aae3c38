import type { Thread } from "../threads";

/** Where a thread is met, by the part it is on. `words` makes the sentence. */
export type ThreadUse =
  | "general"
  | "general-fine"
  | "instrument"
  | "old-british"
  | "old-british-fine"
  | "brass-fittings"
  | "cycle"
  | "pipe-face-seal"
  | "pipe-thread-seal"
  | "power-screw"
  | "old-power-screw"
  | "conduit"
  | "garden-hose"
  | "insert-hole"
  | "constant-pitch"
  | "flare-fitting"
  | "grease-nipple"
  | "sparking-plug"
  | "tripod"
  | "pedal"
  | "bottom-bracket"
  | "steering-column"
  | "gas-valve"
  | "grinder-spindle";

/** Parts whose thread is a standard one, by thread id: SAE J514 37 degree flare, grease nipples (ISO 6392, SAE J534), sparking plugs (ISO 28741, SAE J548), tripod sockets (ISO 1222), conduit (IEC 60423), cycle parts (BS 811), gas cylinder valves and regulators (DIN 477-1, EN 560), spindles of hand-held grinders. */
const ON_PARTS: readonly (readonly [ThreadUse, string])[] = [
  [
    "flare-fitting",
    "unf-5/16-24 unf-3/8-24 unf-7/16-20 unf-1/2-20 unf-9/16-18 unf-3/4-16 unf-7/8-14 un-1-1/16-12 un-1-3/16-12 un-1-5/16-12 un-1-5/8-12 un-1-7/8-12 un-2-1/2-12",
  ],
  ["grease-nipple", "iso-m6x1 iso-m8x1 iso-m10x1 unf-1/4-28 npt-1/8 g-1/8"],
  ["sparking-plug", "iso-m10x1 iso-m12x1.25 iso-m14x1.25 iso-m18x1.5 uns-7/8-18"],
  ["conduit", "iso-m16x1.5 iso-m20x1.5 iso-m25x1.5 iso-m32x1.5 iso-m40x1.5 iso-m50x1.5"],
  ["tripod", "unc-1/4-20 unc-3/8-16"],
  ["pedal", "cycle-9/16-20"],
  ["bottom-bracket", "cycle-1.37-24"],
  ["steering-column", "cycle-1-24"],
  ["gas-valve", "g-1/4 g-3/8 g-1/2 g-5/8 g-3/4"],
  ["grinder-spindle", "iso-m10x1.5 iso-m14x2 unc-5/8-11"],
];

const PARTS_BY_ID: ReadonlyMap<string, readonly ThreadUse[]> = ON_PARTS.reduce(
  (byId, [use, ids]) => {
    for (const id of ids.split(" ")) byId.set(id, [...(byId.get(id) ?? []), use]);
    return byId;
  },
  new Map<string, readonly ThreadUse[]>(),
);

/** What the family and series are for. */
function usualUse({ family, series }: Thread): ThreadUse {
  switch (family) {
    case "iso-metric":
      return series === "coarse" ? "general" : "general-fine";
    case "unified":
      if (series === "UNC") return "general";
      return series === "UNF" || series === "UNEF" || series === "UNS"
        ? "general-fine"
        : "constant-pitch";
    case "whitworth":
      if (series === "brass") return "brass-fittings";
      return series === "BSW" ? "old-british" : "old-british-fine";
    case "ba":
      return "instrument";
    case "cycle":
      return "cycle";
    case "pipe-parallel":
      return "pipe-face-seal";
    case "pipe-taper":
      return "pipe-thread-seal";
    case "npt":
      return series === "NPSM" ? "pipe-face-seal" : "pipe-thread-seal";
    case "trapezoidal":
    case "acme":
      return "power-screw";
    case "square":
      return "old-power-screw";
    case "conduit":
      return "conduit";
    case "hose":
      return "garden-hose";
    case "gas-cylinder":
      return "gas-valve";
    case "insert-tapped":
      return "insert-hole";
  }
}

/** What a thread is used for: its family's purpose, then the particular parts it is met on. */
export function threadUses(thread: Thread): readonly ThreadUse[] {
  return [usualUse(thread), ...(PARTS_BY_ID.get(thread.id) ?? [])];
}

/** Every thread id that a use names, so that a test can hold it against the catalogue. */
export const idsOnParts = (): readonly string[] => [...PARTS_BY_ID.keys()];
