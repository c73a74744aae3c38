import {
  atEnd,
  formatCallout,
  goingWith,
  isCalloutProblem,
  nutEnd,
  parseCallout,
  turnedRound,
  type FastenerSpec,
  type NutSpec,
  type OwnWord,
  type StudEnd,
  type WasherSpec,
} from "../../callout";
import { toleranceClasses, type ThreadSide } from "../../catalogue/threads";
import { completedNut, completedWasher } from "./completed";

/** A position that is to have a part. */
export interface Wanted {
  readonly positionId: string;
  /** Where it is, as the list says it: the machine and the place on it. */
  readonly place: string;
  /** How many alike there are. */
  readonly alike: number;
  readonly callout: string;
}

/** How many more than are needed are ordered, and by how many they come. */
export interface OrderRule {
  /** Spares for every hundred that are needed. */
  readonly sparesPercent: number;
  /** Spares at the least, of each line. */
  readonly sparesAtLeast: number;
  /** Parts in a pack; 1 for loose ones. */
  readonly pack: number;
}

/** What a line is of, in the order that a list has them. */
const ORDER_KINDS = ["screw", "nut", "washer", "plug", "fitting", "pin", "not-read"] as const;

type OrderKind = (typeof ORDER_KINDS)[number];

/** A line of an order: one part, for all the positions that are to have it. */
export interface OrderLine {
  readonly kind: OrderKind;
  /** In the words of the counter; as it was written where it cannot be read. */
  readonly callout: string;
  readonly needed: number;
  readonly spares: number;
  /** Needed and spare, in whole packs. */
  readonly ordered: number;
  readonly packs: number;
  readonly wanted: readonly Wanted[];
}

interface Part {
  readonly kind: OrderKind;
  /** The same for the same part, however it was written. */
  readonly id: string;
  readonly callout: string;
  /** How many of it one of the wanted takes. */
  readonly each: number;
}

/** A thread without its tolerance class, where that is what it has when none is said: a call-out with it asks for the same. */
function withoutUsual<One extends StudEnd>(one: One, side: ThreadSide): One {
  const [usual] = toleranceClasses(one.thread, side);
  if (one.toleranceClass !== usual) return one;
  const { toleranceClass: _usual, ...rest } = one;
  return rest as One;
}

function withoutUsualClass(spec: FastenerSpec): FastenerSpec {
  if (spec.part === "pin") return spec;
  const plain = withoutUsual(spec, spec.part === "nut" ? "internal" : "external");
  if (plain.part !== "screw" || plain.otherEnd === undefined) return plain;
  return { ...plain, otherEnd: withoutUsual(plain.otherEnd, "external") };
}

/** A part without how many of it are asked for, without what is asked for with it, and without what goes without saying. */
function alone(spec: FastenerSpec): FastenerSpec {
  const { quantity: _quantity, ...one } = withoutUsualClass(spec);
  if (one.part === "nut" || one.part === "plug") {
    const { washers: _washers, ...bare } = one;
    return bare;
  }
  if (one.part !== "screw") return one;
  const { nut: _nut, washers: _washers, ...screw } = one;
  return screw;
}

/** What tells one part from another: a stud is the same whichever of its ends was said first. */
function samePart(spec: FastenerSpec): string {
  const written = formatCallout(spec);
  const other = spec.part === "screw" ? turnedRound(spec) : undefined;
  if (other === undefined) return written;
  const turned = formatCallout(other);
  return written < turned ? written : turned;
}

/** How many of what goes with a screw: as many as were said for all the screws together, else so many for each. */
function ofCompanion(said: number | undefined, screws: number): number {
  if (said === undefined) return screws;
  const forAll = screws > 1 && said >= screws && said % screws === 0;
  return forAll ? said : said * screws;
}

/** What goes with a bolt, of its finish and of the class that goes with its own. */
function completed(part: NutSpec | WasherSpec, screw: FastenerSpec): FastenerSpec {
  if (screw.part !== "screw") return part;
  const bolt = atEnd(screw, nutEnd(screw));
  return part.part === "nut" ? completedNut(part, bolt) : completedWasher(part, bolt);
}

/** The parts that a call-out asks for: the nut and the washers that go with a screw are each one of their own. */
function partsOf(callout: string, words: readonly OwnWord[]): readonly Part[] {
  const read = parseCallout(callout, words);
  if (isCalloutProblem(read))
    return [{ kind: "not-read", id: callout.trim(), callout: callout.trim(), each: 1 }];
  const screws = read.quantity ?? 1;
  const together = goingWith(read).map((part) => completed(part, read));
  const part = (spec: FastenerSpec, each: number): Part => {
    const one = alone(spec);
    return { kind: spec.part, id: samePart(one), callout: formatCallout(one), each };
  };
  return [
    part(read, screws),
    ...together.map((spec) => part(spec, ofCompanion(spec.quantity, screws))),
  ];
}

/** How many spares a rule adds to so many parts. */
function sparesFor(needed: number, { sparesPercent, sparesAtLeast }: OrderRule): number {
  // Binary fractions must not make one more of a whole number: 10 % of 30 is 3.
  const byShare = Math.ceil(Math.round(needed * sparesPercent * 1e6) / 1e8);
  return Math.max(byShare, sparesAtLeast);
}

/** How many of a part are ordered, and why. */
export type Amounts = Pick<OrderLine, "spares" | "ordered" | "packs">;

/**
 * How many of a part are ordered: what is needed and spare, less what lies on the shelf, in whole packs.
 * @param byHand how many were typed, where a person knows better than the rule: whole packs of that
 */
export function amountsOf(
  needed: number,
  rule: OrderRule,
  onShelf = 0,
  byHand: number | null = null,
): Amounts {
  const spares = sparesFor(needed, rule);
  const pack = Math.max(1, rule.pack);
  const packs = Math.ceil((byHand ?? Math.max(0, needed + spares - onShelf)) / pack);
  return { spares, ordered: packs * pack, packs };
}

/**
 * What is to be bought for positions: the same parts on one line, however each was written, with spares by the rule and in
 * whole packs; screws first, then nuts, washers and the rest, each by its call-out.
 * @param words the shop's own words of call-outs
 */
export function orderLines(
  wanted: readonly Wanted[],
  rule: OrderRule,
  words: readonly OwnWord[] = [],
): readonly OrderLine[] {
  const lines = new Map<string, { part: Part; needed: number; wanted: Wanted[] }>();
  for (const one of wanted) {
    for (const part of partsOf(one.callout, words)) {
      const key = `${part.kind} ${part.id}`;
      const line = lines.get(key) ?? { part, needed: 0, wanted: [] };
      line.needed += part.each * one.alike;
      line.wanted.push(one);
      lines.set(key, line);
    }
  }
  return [...lines.values()]
    .map(({ part: { kind, callout }, needed, wanted: of }): OrderLine => {
      return { kind, callout, needed, ...amountsOf(needed, rule), wanted: of };
    })
    .sort(
      (one, other) =>
        ORDER_KINDS.indexOf(one.kind) - ORDER_KINDS.indexOf(other.kind) ||
        one.callout.localeCompare(other.callout, "en", { numeric: true }),
    );
}
