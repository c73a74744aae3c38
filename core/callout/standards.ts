import type { NutStyle, WasherStyle } from "../fasteners";
import type { Drive, HeadStyle, Point } from "../looks";
import type { PinStyle, PlugDrive } from "./fastener-spec";
import type { Remaining } from "./read-words";

/** What part a standard defines. */
export type DefinedPart =
  | {
      readonly part: "screw";
      readonly head: HeadStyle;
      readonly drive?: Drive;
      readonly point?: Point;
      readonly fullThread?: true;
    }
  | {
      readonly part: "nut";
      /** What it is where nothing else is said. */
      readonly style: NutStyle;
      /** What else the standard has. */
      readonly others?: readonly NutStyle[];
    }
  | { readonly part: "washer"; readonly style: WasherStyle }
  | { readonly part: "pin"; readonly style: PinStyle }
  | { readonly part: "plug"; readonly drive?: PlugDrive }
  /** It tells of strength, sizes or many heads: no part is defined by it. */
  | { readonly part: "any" };

type ScrewFacts = Omit<Extract<DefinedPart, { part: "screw" }>, "part" | "head">;

const screw = (head: HeadStyle, facts: ScrewFacts = {}): DefinedPart => ({
  part: "screw",
  head,
  ...facts,
});
const nut = (style: NutStyle) => ({ part: "nut", style }) as const;
const washer = (style: WasherStyle): DefinedPart => ({ part: "washer", style });
const pin = (style: PinStyle): DefinedPart => ({ part: "pin", style });

const HEX = screw("hex");
const HEX_SET = screw("hex", { fullThread: true });
const ANY: DefinedPart = { part: "any" };
const AMERICAN_NUTS = ["thin", "heavy", "castle", "square", "flange", "coupling"] as const;

/** Standards by body and number, several of one meaning in a row: what they define, as their titles say. */
const ROWS: readonly (readonly [numbers: string, means: DefinedPart])[] = [
  [
    "ISO 4014, ISO 4015, ISO 4016, ISO 8765, EN 14399-3, EN 14399-4, EN 14399-8, EN 14399-10, DIN 931, DIN 960, DIN 601, DIN 7990, DIN 6914",
    HEX,
  ],
  [
    "AS 1110, AS 1111, GB 5782, BS 3692, BS 4190, BS 1083, BS 1768, BS 4395, AS 1252, ASME B18.2.1, ASME B18.2.6, JIS B1180",
    HEX,
  ],
  ["ISO 4017, ISO 4018, ISO 8676, DIN 933, DIN 961, DIN 558, GB 5783", HEX_SET],
  [
    "ISO 4762, DIN 912, BS 4168, BS 2470, AS 1420, GB 70, JIS B1176, ISO 12474, ISO 21269",
    screw("socket-cap"),
  ],
  ["ISO 14579", screw("socket-cap", { drive: "star" })],
  ["DIN 7984, DIN 6912", screw("low-cap")],
  ["ISO 7380", screw("button")],
  ["ISO 10642, DIN 7991", screw("csk", { drive: "socket" })],
  ["ISO 7046, DIN 965", screw("csk", { drive: "cross" })],
  ["ISO 2009, DIN 963", screw("csk", { drive: "slot" })],
  ["ISO 14581", screw("csk", { drive: "star" })],
  ["ISO 7047, DIN 966", screw("raised-csk", { drive: "cross" })],
  ["ISO 2010, DIN 964", screw("raised-csk", { drive: "slot" })],
  ["ISO 14584", screw("raised-csk", { drive: "star" })],
  ["ISO 7045, DIN 7985", screw("pan", { drive: "cross" })],
  ["ISO 1580, DIN 85", screw("pan", { drive: "slot" })],
  ["ISO 14583", screw("pan", { drive: "star" })],
  ["ISO 1207, DIN 84", screw("cheese", { drive: "slot" })],
  ["ISO 7048", screw("cheese", { drive: "cross" })],
  ["ISO 4026, DIN 913", screw("set", { drive: "socket", point: "flat" })],
  ["ISO 4027, DIN 914", screw("set", { drive: "socket", point: "cone" })],
  ["ISO 4028, DIN 915", screw("set", { drive: "socket", point: "dog" })],
  ["ISO 4029, DIN 916", screw("set", { drive: "socket", point: "cup" })],
  ["ISO 4766, DIN 551", screw("set", { drive: "slot", point: "flat" })],
  ["ISO 7434, DIN 553", screw("set", { drive: "slot", point: "cone" })],
  ["ISO 7435, DIN 417", screw("set", { drive: "slot", point: "dog" })],
  ["ISO 7436, DIN 438", screw("set", { drive: "slot", point: "cup" })],
  ["ISO 8677, DIN 603, ASME B18.5", screw("carriage")],
  ["ISO 4162, ISO 15071, ISO 15072, DIN 6921, DIN 6922, EN 1662, EN 1665", screw("flange-hex")],
  ["ISO 7379, DIN 9841", screw("shoulder")],
  [
    "DIN 975, DIN 976, DIN 938, DIN 939, DIN 835, DIN 940, DIN 2509, ISO 888, BS 4439",
    screw("stud"),
  ],
  ["ISO 3266, DIN 580, DIN 444", screw("eye")],
  ["DIN 316", screw("wing")],
  ["DIN 186, DIN 188, DIN 261", screw("t")],
  ["DIN 478, DIN 479", screw("square")],
  [
    "AS 1112, GB 6170, ISO 4032, ISO 4033, ISO 4034, ISO 8673, ISO 8674, DIN 934, DIN 555, DIN 6915",
    nut("hex"),
  ],
  ["JIS B1181", nut("hex")],
  ["ASME B18.2.2", { ...nut("hex"), others: AMERICAN_NUTS }],
  ["ISO 4035, ISO 4036, ISO 8675, DIN 439, DIN 936", nut("thin")],
  ["ISO 7040, ISO 10512, ISO 10511, DIN 985, DIN 982", nut("nylon-insert")],
  ["ISO 7042, ISO 7719, ISO 10513, ISO 7720, DIN 980", nut("all-metal")],
  ["ISO 4161, ISO 10663, DIN 6923, EN 1661", nut("flange")],
  ["ISO 7035, DIN 935, DIN 937", nut("castle")],
  ["DIN 1587, DIN 917", nut("dome")],
  ["DIN 315", nut("wing")],
  ["DIN 6334", nut("coupling")],
  ["DIN 557", nut("square")],
  ["ISO 21670, DIN 929, DIN 928", nut("weld")],
  [
    "ISO 7089, ISO 7090, ISO 7091, ISO 7092, DIN 125, DIN 126, DIN 433, DIN 6916, EN 14399-5, EN 14399-6",
    washer("flat"),
  ],
  ["AS 1237, GB 97, ASME B18.21.1, ASME B18.22.1, BS 4320, JIS B1256", washer("flat")],
  ["ISO 7093, ISO 7094, DIN 9021, DIN 440", washer("large")],
  ["DIN 127, DIN 128, DIN 7980, BS 4464, GB 93", washer("spring")],
  ["DIN 6797, DIN 6798", washer("toothed")],
  ["DIN 25201", washer("wedge-lock")],
  ["DIN 7603", washer("copper")],
  ["ISO 2338, ISO 8733, ISO 8734, ISO 8735, DIN 7, DIN 6325, DIN 7979", pin("dowel")],
  ["ISO 2339, ISO 8736, DIN 1, DIN 7978", pin("taper")],
  ["ISO 1234, DIN 94", pin("split")],
  ["ISO 8748, ISO 8750, ISO 8752, ISO 13337, DIN 1481, DIN 7343, DIN 7346", pin("spring")],
  ["ISO 2340, ISO 2341, DIN 1443, DIN 1444", pin("clevis")],
  ["DIN 906, DIN 908", { part: "plug", drive: "socket" }],
  ["DIN 909, DIN 910, DIN 7604", { part: "plug", drive: "hexagon" }],
  ["ISO 898, ISO 3506, ISO 261, ISO 262, ISO 724, ISO 965, ISO 4042, ISO 10684, ISO 10683", ANY],
  ["ASME B1.1, BS 84, BS 93, SAE J429, SAE J995, EN 15048", ANY],
  // These have many heads; one must be said.
  ["ASME B18.3, ASME B18.6.3, BS 57, BS 450, BS 916, BS 1981, BS 4183", ANY],
];

/** Standards that tell a family of heads, and so want one said. */
const WANTS_HEAD: ReadonlySet<string> = new Set([
  "ASME B18.3",
  "ASME B18.6.3",
  "BS 57",
  "BS 450",
  "BS 916",
  "BS 1981",
  "BS 4183",
]);

const DEFINED: ReadonlyMap<string, DefinedPart> = new Map(
  ROWS.flatMap(([numbers, means]) =>
    numbers.split(", ").map((number): [string, DefinedPart] => [number, means]),
  ),
);

const STANDARD =
  /(?<!\w)(?:(?:bs|din|en|iso|asme|ansi|jis|as(?:\/nzs)?(?= ?1\d{3})|gb(?:\/t)?|sae(?=[ -]*j))[ -]*(?=(?:bs|din|en|iso|asme|ansi|b ?\d|j ?\d|\d)))+(?:[bj] ?)?\d+(?:\.\d+)*(?:-(?:[12]|(?<=14399-)\d{1,2})(?![\d\w]))?(?: ?[a-ejv](?![\w-]))?(?: ?: ?(?:19|20)\d\d)?(?: ?-? ?a(?=\d\d?\.\d)|(?![\w.]*\w))|(?<!\w)b18\.\d+(?:\.\d+)*(?!\w)/i;
/** A standard's number may stand to the end of the list; so many are read. */
const MOST = 4;

/** The bodies that number standards; "EN ISO 4017" is ISO's. */
function bodyAndNumber(written: string): string {
  const spelled = written.toUpperCase().replace(/ ?: ?\d{4}$/, "");
  const number = /[BJ]? ?\d[\d.]*/.exec(spelled)?.[0].replace(" ", "") ?? "";
  if (/^B18/.test(number)) return `ASME ${number}`;
  const body = ["ISO", "DIN", "ASME", "JIS", "SAE", "EN", "BS", "GB", "AS"].find((one) =>
    spelled.includes(one),
  );
  // Europe's first numbers for the standards of ISO: EN 24017 is ISO 4017.
  if (body === "EN" && /^2\d{4}$/.test(number)) return `ISO ${Number(number) - 20_000}`;
  if (body === "EN" && number === "14399") return `EN ${/14399-\d+/.exec(spelled)?.[0] ?? number}`;
  // China's parts of a standard stand behind a point: GB/T 70.1.
  return `${body ?? "ASME"} ${body === "GB" ? number.replace(/\.\d$/, "") : number}`;
}

/** A standard that was written with a part. */
export interface WrittenStandard {
  readonly written: string;
  /** What it defines; undefined for one that is not held. */
  readonly means: DefinedPart | undefined;
  readonly wantsHead: boolean;
}

/** Takes every standard out of a call-out. */
export function takeStandards(remaining: Remaining): readonly WrittenStandard[] {
  const taken: WrittenStandard[] = [];
  while (taken.length < MOST) {
    const found = remaining.take(STANDARD);
    if (found === undefined) break;
    const number = bodyAndNumber(found[0]);
    taken.push({
      written: found[0].trim(),
      means: DEFINED.get(number),
      wantsHead: WANTS_HEAD.has(number),
    });
  }
  return taken;
}
