import type { NutStyle, WasherStyle } from "../fasteners";
import type { Drive, Finish, HeadStyle, Point } from "../looks";

/** What is written for one thing, and how it is read. */
export interface Phrase<Meaning> {
  readonly means: Meaning;
  /** As a call-out writes it. */
  readonly written: string;
  readonly read: RegExp;
}

function phrase<Meaning>(means: Meaning, written: string, pattern: string): Phrase<Meaning> {
  return { means, written, read: new RegExp(String.raw`(?<![\w/])(?:${pattern})(?![\w/])`, "i") };
}

const SCREW = String.raw`(?:\s*(?:machine\s*)?(?:screws?|bolts?))?`;
const HEAD = String.raw`(?:[\s-]*(?:heads?|hd))?`;

/** Heads, the longer phrases before those they contain. */
export const HEAD_PHRASES: readonly Phrase<{
  readonly head: HeadStyle;
  readonly drive?: Drive;
  readonly fullThread?: true;
}>[] = [
  phrase(
    { head: "hex", fullThread: true },
    "hex set screw",
    String.raw`hex(?:agon)?${HEAD}\s*set[\s-]*screws?|set[\s-]*bolts?`,
  ),
  phrase(
    { head: "flange-hex" },
    "flange hex bolt",
    String.raw`(?:hex(?:agon)?\s*flanged?|flanged?\s*hex(?:agon)?|flanged?)${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "low-cap" },
    "low socket cap screw",
    String.raw`low(?:[\s-]*head)?\s*(?:socket\s*)?cap${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "narrow-cap" },
    "narrow socket cap screw",
    String.raw`narrow(?:[\s-]*head)?\s*(?:socket\s*)?cap${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "shoulder" },
    "shoulder screw",
    String.raw`(?:socket\s*)?(?:shoulder|stripper)${SCREW}`,
  ),
  phrase(
    { head: "set" },
    "headless set screw",
    String.raw`(?:headless\s*)?(?:socket\s*)?(?:set[\s-]*screws?|grub[\s-]*screws?|grub)`,
  ),
  phrase(
    { head: "csk", drive: "socket" },
    "socket countersunk screw",
    String.raw`(?:hex(?:agon)?\s*)?(?:socket\s*(?:flat|csk|countersunk|countersink)|(?:flat|csk|countersunk)${HEAD}\s*socket)${HEAD}(?:\s*cap)?${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "csk" },
    "countersunk screw",
    String.raw`(?:csk|countersunk|countersink|flat)${HEAD}\s*cap${SCREW}`,
  ),
  phrase(
    { head: "button" },
    "button head screw",
    String.raw`(?:hex(?:agon)?\s*)?(?:socket\s*)?button${HEAD}(?:\s*(?:socket|cap))*${HEAD}${SCREW}`,
  ),
  phrase({ head: "hex" }, "hex cap screw", String.raw`hex(?:agon)?${HEAD}\s*cap\s*screws?|hcs`),
  phrase(
    { head: "socket-cap" },
    "socket cap screw",
    String.raw`(?:hex(?:agon)?\s*)?socket${HEAD}(?:\s*cap)?${HEAD}${SCREW}|cap${HEAD}${SCREW}|s\.?h\.?c\.?s\.?`,
  ),
  phrase(
    { head: "raised-csk" },
    "raised countersunk screw",
    String.raw`(?:raised\s*(?:csk|countersunk)|oval)${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "csk" },
    "countersunk screw",
    String.raw`(?:csk|countersunk|countersink|flat)${HEAD}${SCREW}`,
  ),
  phrase({ head: "pan" }, "pan head screw", String.raw`pan${HEAD}${SCREW}`),
  phrase({ head: "truss" }, "truss head screw", String.raw`(?:truss|mushroom)${HEAD}${SCREW}`),
  phrase({ head: "cheese" }, "cheese head screw", String.raw`(?:cheese|fillister)${HEAD}${SCREW}`),
  phrase(
    { head: "carriage" },
    "carriage bolt",
    String.raw`(?:carriage|coach|cup[\s-]*square)${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "square" },
    "square head bolt",
    String.raw`(?:square|sq)[\s-]*(?:head|hd)${SCREW}|square\s*bolts?`,
  ),
  phrase(
    { head: "t" },
    "T-head bolt",
    String.raw`(?:t|tee|hammer)[\s-]*(?:head\s*)?(?:bolts?|head)`,
  ),
  phrase({ head: "eye" }, "eye bolt", String.raw`(?:lifting\s*)?eye[\s-]*(?:bolts?|screws?)`),
  phrase({ head: "wing" }, "wing screw", String.raw`(?:wing|thumb)[\s-]*(?:screws?|bolts?)`),
  phrase({ head: "stud" }, "stud", String.raw`studs?|stud[\s-]*bolts?|threaded\s*rods?|studding`),
  phrase({ head: "hex" }, "hex bolt", String.raw`hex(?:agon)?${HEAD}${SCREW}`),
];

export const DRIVE_PHRASES: readonly Phrase<Drive>[] = [
  phrase("cross", "cross", String.raw`cross(?:[\s-]*recess(?:ed)?)?`),
  phrase("slot", "slotted", String.raw`slot(?:ted)?`),
  phrase("star", "hexalobular", String.raw`hexalobular|star`),
  phrase("socket", "socket", String.raw`socket|hex\s*key`),
];

export const POINT_PHRASES: readonly Phrase<Point>[] = [
  phrase("flat", "flat point", String.raw`flat\s*point`),
  phrase("cone", "cone point", String.raw`cone(?:\s*point)?`),
  phrase("cup", "cup point", String.raw`cup(?:\s*point)?`),
  phrase("dog", "dog point", String.raw`(?:full\s*|half\s*)?dog(?:\s*point)?`),
];

export const FINISH_PHRASES: readonly Phrase<Finish>[] = [
  phrase(
    "galvanised",
    "hot-dip galvanised",
    String.raw`(?:hot[\s-]*dip(?:ped)?\s*)?galv(?:ani[sz]ed)?|hot[\s-]*dip(?:ped)?|hdg`,
  ),
  phrase(
    "zinc-yellow",
    "zinc yellow",
    String.raw`zinc[\s-]*yellow|yellow[\s-]*zinc|yellow(?:[\s-]*passivated)?|zyp?`,
  ),
  phrase("zinc-flake", "zinc flake", String.raw`zinc[\s-]*flake`),
  phrase("zinc", "zinc", String.raw`(?:bright\s*)?zinc(?:[\s-]*(?:plated|clear))*|bzp|zp|zn`),
  phrase("nickel", "nickel", String.raw`nickel(?:[\s-]*plated)?`),
  phrase("stainless", "stainless", String.raw`stainless(?:[\s-]*steel)?|s\/s|ss|inox`),
  phrase("brass", "brass", String.raw`(?<!26\s*)brass`),
  phrase("cadmium", "cadmium", String.raw`cad(?:mium)?(?:[\s-]*plated)?`),
  phrase(
    "plain",
    "plain",
    String.raw`plain(?:\s*finish)?|black(?:\s*oxide)?|self[\s-]*colou?r(?:ed)?`,
  ),
];

export const NUT_PHRASES: readonly Phrase<NutStyle>[] = [
  phrase(
    "nylon-insert",
    "nylon insert nut",
    String.raw`(?:nylon|insert)[\s-]*(?:insert\s*)?(?:lock(?:ing)?[\s-]*)?nuts?`,
  ),
  phrase(
    "all-metal",
    "all-metal locking nut",
    String.raw`all[\s-]*metal(?:[\s-]*(?:lock(?:ing)?|prevailing(?:\s*torque)?))?[\s-]*nuts?|prevailing(?:\s*torque)?\s*nuts?`,
  ),
  phrase("thin", "thin nut", String.raw`(?:thin|half|jam)[\s-]*nuts?`),
  phrase("flange", "flange nut", String.raw`flanged?(?:\s*hex(?:agon)?)?[\s-]*nuts?`),
  phrase("castle", "castle nut", String.raw`castle(?:lated)?[\s-]*nuts?|slotted\s*nuts?`),
  phrase("dome", "dome nut", String.raw`(?:dome|domed|acorn|cap)[\s-]*nuts?`),
  phrase("wing", "wing nut", String.raw`wing[\s-]*nuts?`),
  phrase("coupling", "coupling nut", String.raw`(?:coupling|connector|long)[\s-]*nuts?`),
  phrase("weld", "weld nut", String.raw`weld[\s-]*nuts?`),
  phrase("hex", "hex nut", String.raw`(?:(?:full|hex(?:agon)?)[\s-]*)*nuts?`),
];

export const WASHER_PHRASES: readonly Phrase<WasherStyle>[] = [
  phrase("spring", "spring washer", String.raw`(?:spring|split)(?:\s*lock)?\s*washers?`),
  phrase(
    "toothed",
    "toothed washer",
    String.raw`(?:toothed|tooth|serrated)(?:\s*lock)?\s*washers?`,
  ),
  phrase("wedge-lock", "wedge-lock washer", String.raw`wedge[\s-]*lock(?:ing)?\s*washers?`),
  phrase("bonded-seal", "bonded seal washer", String.raw`bonded(?:\s*seal)?\s*washers?`),
  phrase("copper", "copper washer", String.raw`copper\s*washers?`),
  phrase("flat", "flat washer", String.raw`(?:(?:flat|plain|form\s*a)\s*)?washers?`),
];

/** How a meaning is written; every meaning has its phrase. */
export function writtenFor<Meaning extends string>(
  phrases: readonly Phrase<Meaning>[],
  means: Meaning,
): string {
  return phrases.find((one) => one.means === means)?.written ?? means;
}
