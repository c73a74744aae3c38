import type { PinSpec, PinStyle } from "../../callout";
import { fitLimits } from "../../catalogue/fasteners";
import type { Mm } from "../../measure";

/** What a pin stands in, and how it is made. */
interface PinHole {
  /** Limits of the reamed or drilled hole; undefined where no table here has them. */
  readonly leastMm?: Mm;
  readonly mostMm?: Mm;
  readonly fit: string;
  /** Drilled to this before the reamer; undefined where it is drilled only. */
  readonly drilledMm?: Mm;
}

/** Everything the product works out of a pin. */
export interface PinFacts {
  readonly standard: string | undefined;
  readonly fit: string | undefined;
  /** Limits of the pin itself by its fit (ISO 286-2). */
  readonly limits: { readonly leastMm: Mm; readonly mostMm: Mm } | undefined;
  readonly hole: PinHole | undefined;
}

interface StyleFacts {
  readonly standard: string;
  /** What it is ground to where nothing was said. */
  readonly fit?: string;
  readonly hole: string;
  readonly reamed: boolean;
}

const STYLES: Readonly<Record<PinStyle, StyleFacts>> = {
  dowel: { standard: "ISO 2338, hardened ISO 8734", fit: "m6", hole: "H7", reamed: true },
  taper: { standard: "ISO 2339", hole: "1:50", reamed: true },
  split: { standard: "ISO 1234", hole: "H12", reamed: false },
  spring: { standard: "ISO 8752", hole: "H12", reamed: false },
  clevis: { standard: "ISO 2341", fit: "h11", hole: "H11", reamed: false },
};

/** Left for the reamer: two tenths up to 20 mm, three over (practice). */
const reamerLeaves = (diameterMm: Mm): Mm => (diameterMm <= 20 ? 0.2 : 0.3);

/** The sizes of a pin and of its hole, by its standard; inch pins have no table here. */
export function pinFacts({ style, diameterMm, fit: said, units }: PinSpec): PinFacts {
  if (units === "in") {
    return { standard: undefined, fit: said, limits: undefined, hole: undefined };
  }
  const facts = STYLES[style];
  const fit = said ?? facts.fit;
  const hole = fitLimits(facts.hole, diameterMm);
  return {
    standard: facts.standard,
    fit,
    limits: fit === undefined ? undefined : fitLimits(fit, diameterMm),
    hole: {
      fit: facts.hole,
      ...hole,
      ...(facts.reamed && style !== "taper"
        ? { drilledMm: diameterMm - reamerLeaves(diameterMm) }
        : {}),
    },
  };
}
