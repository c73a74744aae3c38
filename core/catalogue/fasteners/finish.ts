import type { Environment, PartMetal } from "../circumstances";
import type { Finish } from "../looks";

/** How well a finish keeps in a place: three words, not a promise of years. */
export type FinishSuits = "good" | "poor" | "never";

const SUITS: Readonly<Record<Environment, Partial<Readonly<Record<Finish, FinishSuits>>>>> = {
  indoor: {},
  outdoor: { plain: "poor", phosphate: "poor", nickel: "poor" },
  wet: { plain: "poor", phosphate: "poor", zinc: "poor", nickel: "poor" },
  marine: {
    plain: "never",
    phosphate: "never",
    zinc: "poor",
    "zinc-yellow": "poor",
    nickel: "poor",
    "zinc-flake": "poor",
  },
  hot: {
    zinc: "poor",
    "zinc-yellow": "poor",
    galvanised: "poor",
    cadmium: "never",
    brass: "poor",
    aluminium: "poor",
    plastic: "never",
  },
  food: {
    plain: "poor",
    phosphate: "poor",
    zinc: "poor",
    "zinc-yellow": "never",
    "zinc-flake": "poor",
    galvanised: "never",
    cadmium: "never",
    brass: "poor",
  },
};

/** Whether a finish suits a place; old cadmium is never bought again. */
export function finishSuits(finish: Finish, environment: Environment): FinishSuits {
  return SUITS[environment][finish] ?? "good";
}

/** Anodic index, volts (MIL-STD-889 practice): how far each surface stands from the noblest. */
const FINISH_INDEX: Readonly<Record<Finish, number | undefined>> = {
  plain: 0.85,
  phosphate: 0.85,
  zinc: 1.25,
  "zinc-yellow": 1.25,
  "zinc-flake": 1.2,
  nickel: 0.3,
  galvanised: 1.2,
  stainless: 0.5,
  brass: 0.4,
  aluminium: 0.9,
  titanium: 0.3,
  plastic: undefined,
  cadmium: 0.8,
};

const METAL_INDEX: Readonly<Record<PartMetal, number | undefined>> = {
  steel: 0.85,
  "cast-iron": 0.85,
  aluminium: 0.9,
  magnesium: 1.75,
  brass: 0.4,
  stainless: 0.5,
  plastic: undefined,
};

/** Greatest difference of index that practice allows, volts. */
const ALLOWED: Readonly<Record<Environment, number>> = {
  indoor: 0.5,
  outdoor: 0.25,
  wet: 0.15,
  marine: 0.15,
  hot: 0.5,
  food: 0.15,
};

/** A fastener and the metal it stands in, as a galvanic pair. */
export interface GalvanicPair {
  readonly differenceV: number;
  readonly allowedV: number;
  readonly sound: boolean;
  /** Which of the two is eaten: small fasteners go fast, large parts slowly. */
  readonly eaten: "fastener" | "part";
}

/**
 * Whether two metals may touch in a place, by their anodic indices: an estimate from practice.
 * @returns undefined for plastic, which carries no current
 */
export function galvanicPair(
  finish: Finish,
  metal: PartMetal,
  environment: Environment,
): GalvanicPair | undefined {
  const part = METAL_INDEX[metal];
  const own = FINISH_INDEX[finish];
  if (part === undefined || own === undefined) return undefined;
  const differenceV = Math.abs(own - part);
  const allowedV = ALLOWED[environment];
  // A coat of zinc is there to be eaten, slowly where the part is iron or aluminium, which are near it.
  const sacrificial = finish.startsWith("zinc") || finish === "galvanised";
  const near = metal === "steel" || metal === "cast-iron" || metal === "aluminium";
  return {
    differenceV,
    allowedV,
    sound: (sacrificial && near) || differenceV <= allowedV + 1e-9,
    eaten: own > part ? "fastener" : "part",
  };
}
