import type { Reading } from "@root-gauge/core";
import type { PanelName } from "../shell/use-panel";

interface Again {
  readonly label: string;
  readonly panel: PanelName;
}

/** What to read again where no thread fits: what was read, the size first; what was not read is read, not read again. */
const AGAIN: readonly (readonly [ReadonlySet<Reading["kind"]>, Again])[] = [
  [
    new Set(["external-diameter", "diameter-between"]),
    { label: "Read Ø again", panel: "diameter" },
  ],
  [new Set(["internal-diameter"]), { label: "Read the bore again", panel: "diameter" }],
  [new Set(["taper-measured"]), { label: "Read the taper again", panel: "taper" }],
  [new Set(["leaf", "count", "crest-to-crest"]), { label: "Read the pitch again", panel: "pitch" }],
];

export function againOf(readings: readonly Reading[]): Again {
  const read = new Set(readings.map(({ kind }) => kind));
  const found = AGAIN.find(([kinds]) => [...kinds].some((kind) => read.has(kind)));
  return found?.[1] ?? { label: "Measure across it", panel: "diameter" };
}
