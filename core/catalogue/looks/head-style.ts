/** Head styles of screws and bolts, and the headless ones. */
export const HEAD_STYLES = [
  "hex",
  "flange-hex",
  "socket-cap",
  "low-cap",
  "narrow-cap",
  "button",
  "csk",
  "raised-csk",
  "pan",
  "truss",
  "round",
  "cheese",
  "carriage",
  "square",
  "t",
  "set",
  "shoulder",
  "stud",
  "eye",
  "wing",
] as const;

export type HeadStyle = (typeof HEAD_STYLES)[number];

/** From where to where a screw's length is measured. */
export type LengthDatum =
  /** Under the bearing face of the head to the tip. */
  | "under-head"
  /** The whole length: a countersunk head is sunk with the rest. */
  | "overall"
  /** From the edge of the countersink, where the raised crown begins. */
  | "flush-line"
  /** No head: from end to end. */
  | "tip-to-tip"
  /** The shoulder alone; its thread is given by the standard. */
  | "shoulder";

/** What turns it. */
export const DRIVES = [
  "hexagon",
  "socket",
  "slot",
  "cross",
  "star",
  "square",
  "hand",
  "none",
] as const;

export type Drive = (typeof DRIVES)[number];

/** The end of a set screw. */
export const POINTS = ["flat", "cone", "cup", "dog"] as const;

export type Point = (typeof POINTS)[number];

interface HeadFacts {
  readonly datum: LengthDatum;
  /** The drives it is made with, the usual one first. */
  readonly drives: readonly Drive[];
}

const FACTS: Readonly<Record<HeadStyle, HeadFacts>> = {
  hex: { datum: "under-head", drives: ["hexagon"] },
  "flange-hex": { datum: "under-head", drives: ["hexagon"] },
  "socket-cap": { datum: "under-head", drives: ["socket"] },
  "low-cap": { datum: "under-head", drives: ["socket"] },
  "narrow-cap": { datum: "under-head", drives: ["socket"] },
  button: { datum: "under-head", drives: ["socket", "star"] },
  csk: { datum: "overall", drives: ["socket", "slot", "cross", "star"] },
  "raised-csk": { datum: "flush-line", drives: ["cross", "slot", "star"] },
  pan: { datum: "under-head", drives: ["cross", "slot", "star"] },
  round: { datum: "under-head", drives: ["slot", "cross"] },
  truss: { datum: "under-head", drives: ["cross", "slot"] },
  cheese: { datum: "under-head", drives: ["slot", "cross"] },
  carriage: { datum: "under-head", drives: ["none"] },
  square: { datum: "under-head", drives: ["square"] },
  t: { datum: "under-head", drives: ["none"] },
  set: { datum: "tip-to-tip", drives: ["socket", "slot"] },
  shoulder: { datum: "shoulder", drives: ["socket"] },
  stud: { datum: "tip-to-tip", drives: ["none"] },
  eye: { datum: "under-head", drives: ["hand"] },
  wing: { datum: "under-head", drives: ["hand"] },
};

/** Where the length of a screw with this head is measured (ISO 225, ASME B18.12). */
export function lengthDatum(head: HeadStyle): LengthDatum {
  return FACTS[head].datum;
}

/** The drives a head is made with, the usual one first. */
export function drivesOf(head: HeadStyle): readonly Drive[] {
  return FACTS[head].drives;
}

/** Whether a spanner goes over it: only such a head has flats to measure across. */
export function hasFlats(head: HeadStyle): boolean {
  return ["hexagon", "square"].includes(usualDrive(head));
}

/** The drive taken when none was said: a slot or cross makes a countersunk screw another than the socket one. */
export function usualDrive(head: HeadStyle): Drive {
  return FACTS[head].drives[0] ?? "none";
}
