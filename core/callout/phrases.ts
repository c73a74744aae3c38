import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { Drive, Finish, HeadStyle, Point } from "../catalogue/looks";
import type { FittingStyle, PinStyle, PlugDrive } from "./fastener-spec";

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

const SCREW = String.raw`(?:\s*(?:machine\s*|m\/c\s*|mach\.?\s*)?(?:screws?|scrs?|bolts?)\b\.?)?`;
const HEAD = String.raw`(?:[\s-]*(?:heads?|hds?)\b\.?)?`;
const HEX = String.raw`hex(?:agon)?\b\.?`;
const SOCKET = String.raw`(?:socket|sckt|skt|soc)\b\.?`;
const CSK = String.raw`(?:csk|ctsk|csunk|counter[\s-]*sunk|countersink|fla?t)\b\.?`;
const RODS = String.raw`(?:rods?|bars?)`;

/** What a head's phrase says of it. */
export interface HeadMeaning {
  readonly head: HeadStyle;
  readonly drive?: Drive;
  readonly fullThread?: true;
}

/** Heads, the longer phrases before those they contain. */
export const HEAD_PHRASES: readonly Phrase<HeadMeaning>[] = [
  phrase(
    { head: "hex", fullThread: true },
    "hex set screw",
    String.raw`${HEX}${HEAD}\s*(?:set(?:[\s-]*(?:screws?|scrs?))?|tap\s*bolts?)|set[\s-]*bolts?|tap\s*bolts?`,
  ),
  phrase(
    { head: "flange-hex" },
    "flange hex bolt",
    String.raw`(?:serrated\s*)?(?:${HEX}\s*flanged?|flanged?\s*${HEX}|flanged?)${HEAD}${SCREW}(?:\s*serrated)?`,
  ),
  phrase(
    { head: "low-cap" },
    "low socket cap screw",
    String.raw`low(?:[\s-]*(?:head|profile))?\s*(?:${SOCKET}\s*)?cap${HEAD}${SCREW}|${SOCKET}${HEAD}\s*cap\s*low(?:[\s-]*(?:head|profile))?${SCREW}|lhcs|low[\s-]*(?:head|hd)?\s*shcs`,
  ),
  phrase(
    { head: "narrow-cap" },
    "narrow socket cap screw",
    String.raw`narrow(?:[\s-]*head)?\s*(?:${SOCKET}\s*)?cap${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "shoulder" },
    "shoulder screw",
    String.raw`(?:${SOCKET}\s*)?(?:shoulder|stripper)${SCREW}|shss`,
  ),
  phrase(
    { head: "set" },
    "headless set screw",
    String.raw`(?:headless\s*)?(?:${HEX}\s*)?(?:${SOCKET}\s*)?(?:set[\s-]*(?:screws?|scrs?)|grub[\s-]*screws?|grubs?)|${SOCKET}${HEAD}\s*set(?:[\s-]*(?:screws?|scrs?))?(?![\w/])|screws?[\s,]*set\b|headless\s*screws?|sss`,
  ),
  phrase(
    { head: "csk", drive: "socket" },
    "socket countersunk screw",
    String.raw`(?:${HEX}\s*)?(?:${SOCKET}(?:[\s-]*head)?\s*${CSK}|${CSK}${HEAD}\s*(?:${HEX}\s*)?${SOCKET})${HEAD}(?:\s*cap)?${HEAD}${SCREW}|s?fhs?cs|shfs`,
  ),
  phrase({ head: "csk" }, "countersunk screw", String.raw`${CSK}${HEAD}\s*cap${SCREW}`),
  phrase(
    { head: "button" },
    "button head screw",
    String.raw`(?:${HEX}\s*)?(?:${SOCKET}\s*)?(?:button|btn|domed?)${HEAD}(?:\s*(?:${HEX}\s*)?(?:${SOCKET}|cap))*${HEAD}${SCREW}|bhs?cs`,
  ),
  phrase(
    { head: "hex" },
    "hex cap screw",
    String.raw`${HEX}${HEAD}\s*cap(?:\s*(?:screws?|scrs?))?(?![\w/])|h?hcs|hhb`,
  ),
  phrase(
    { head: "socket-cap" },
    "socket cap screw",
    String.raw`(?:${HEX}\s*)?${SOCKET}${HEAD}\s*cap${HEAD}${SCREW}|caps?${HEAD}${SCREW}|h?s\.?h\.?c\.?s\.?`,
  ),
  phrase(
    { head: "raised-csk" },
    "raised countersunk screw",
    String.raw`(?:(?:raised|rsd)\s*(?:csk|countersunk)|oval)${HEAD}${SCREW}|ohms`,
  ),
  phrase({ head: "csk" }, "countersunk screw", String.raw`${CSK}${HEAD}${SCREW}|fhms`),
  phrase({ head: "pan" }, "pan head screw", String.raw`pan${HEAD}${SCREW}|phms`),
  phrase({ head: "truss" }, "truss head screw", String.raw`(?:truss|mushroom)${HEAD}${SCREW}|thms`),
  phrase({ head: "round" }, "round head screw", String.raw`round${HEAD}${SCREW}|rhms`),
  phrase(
    { head: "cheese" },
    "cheese head screw",
    String.raw`(?:cheese|fillister|ch)${HEAD}${SCREW}`,
  ),
  phrase(
    { head: "carriage" },
    "carriage bolt",
    String.raw`(?:(?:(?:square|sq)[\s-]*neck\s*)?carriage|cup[\s-]*(?:(?:square|sq)(?:[\s-]*neck)?|(?=head)))${HEAD}${SCREW}|coach\s*bolts?(?:,?\s*cup[\s-]*square)?`,
  ),
  phrase(
    { head: "square" },
    "square head bolt",
    String.raw`(?:square|sq)[\s-]*(?:head|hd)${SCREW}|square\s*bolts?`,
  ),
  phrase(
    { head: "t" },
    "T-head bolt",
    String.raw`(?:t|tee|hammer)[\s-]*(?:(?:head|slot)\s*)?(?:bolts?|head)`,
  ),
  phrase(
    { head: "eye" },
    "eye bolt",
    String.raw`(?:lifting\s*)?eye[\s-]*(?:bolts?|screws?)|lifting\s*eyes?`,
  ),
  phrase(
    { head: "wing" },
    "wing screw",
    String.raw`(?:wing|(?:knurled\s*)?thumb)(?:[\s-]*(?:screws?|bolts?))?`,
  ),
  phrase(
    { head: "stud" },
    "stud",
    String.raw`(?:(?:double|tap)[\s-]*end(?:ed)?\s*)?studs?(?:[\s-]*bolts?)?|studding|(?:(?:fully\s*)?threaded|screwed|lead|trapezoidal)[\s-]*${RODS}|rods?(?![\s-]*ends?)|lead[\s-]*screws?|all[\s-]*thread(?:ed)?[\s-]*${RODS}|allthread`,
  ),
  phrase(
    { head: "socket-cap" },
    "socket cap screw",
    String.raw`(?:${HEX}\s*)?${SOCKET}${HEAD}${SCREW}`,
  ),
  phrase({ head: "hex" }, "hex bolt", String.raw`${HEX}${HEAD}${SCREW}`),
];

/** A rod that is thread from end to end; elsewhere the words mean a screw threaded to its head. */
export const ALL_THREAD_ROD = new RegExp(
  String.raw`(?<![\w/])(?:all[\s-]*thread(?:ed)?[\s-]*${RODS}|allthread)(?![\w/])`,
  "i",
);

export const DRIVE_PHRASES: readonly Phrase<Drive>[] = [
  phrase("cross", "cross", String.raw`cross(?:[\s-]*(?:rec(?:ess(?:ed)?)?|drive|slot(?:ted)?))?`),
  phrase("slot", "slotted", String.raw`slot(?:ted)?|(?<=\d.*)sl`),
  phrase(
    "star",
    "hexalobular",
    String.raw`(?:hexalobular|star)(?:[\s-]*(?:socket|drive|recess))?|(?<=\d.*)t(?:[6-9]|[1-5]\d)`,
  ),
  phrase("socket", "socket", String.raw`(?:hex(?:agon)?\s*)?${SOCKET}|hex\s*key`),
];

export const POINT_PHRASES: readonly Phrase<Point>[] = [
  phrase(
    "flat",
    "flat point",
    String.raw`flat\s*(?:point|pt)|(?<=\b(?:grub|set screws?)\b.*)flat|flat(?! ?(?:head|hd|washers?))(?=.*\b(?:grub|set screws?)\b)`,
  ),
  phrase("cone", "cone point", String.raw`cone(?:\s*(?:point|pt))?`),
  phrase("cup", "cup point", String.raw`(?:knurled\s*)?cup(?:\s*(?:point|pt))?`),
  phrase("dog", "dog point", String.raw`(?:full\s*|half\s*)?dog(?:\s*(?:point|pt))?`),
];

export const FINISH_PHRASES: readonly Phrase<Finish>[] = [
  phrase(
    "galvanised",
    "hot-dip galvanised",
    String.raw`(?:(?:hot[\s-]*dip(?:ped)?|spun|hd)\s*)?(?<!electro[\s-]*)galv(?:ani[sz]ed)?|hot[\s-]*dip(?:ped)?|hdg|tzn`,
  ),
  phrase(
    "zinc-yellow",
    "zinc yellow",
    String.raw`zinc[\s/-]*(?:(?:and|&)\s*)?yellow(?:[\s-]*(?:plated|passivated?))*|(?:zinc[\s-]*)?(?:bi|di)chromate|yellow[\s-]*zinc(?:[\s-]*plated)?|(?:yellow|gold)[\s-]*passivated?|yellow|zyp?|yzp?|a[1-9][cgl]`,
  ),
  phrase("zinc-flake", "zinc flake", String.raw`zinc[\s-]*flake`),
  phrase(
    "zinc",
    "zinc",
    String.raw`(?:(?:bright|blue|clear|electro)[\s-]*)*(?:zinc|zn)(?![\s-]*ni)(?:[\s/-]*(?:(?:and|&)\s*)?(?:plated|pl|coated|clear|passivated?))*|electro[\s-]*galv(?:ani[sz]ed)?|e?bzp|e?zp|a[1-9][abefjkp]`,
  ),
  phrase("nickel", "nickel", String.raw`(?<!zinc[\s-]*)nickel(?:[\s-]*plated)?`),
  phrase(
    "stainless",
    "stainless",
    String.raw`stainless(?:[\s-]*(?:steel|stl))?|s\/s|ss|inox|cres|(?:astm\s*)?f59[34]`,
  ),
  phrase("brass", "brass", String.raw`(?<!26\s*)brass`),
  phrase("aluminium", "aluminium", String.raw`alumini?um|alloy\s*aluminium|dural`),
  phrase("titanium", "titanium", String.raw`titanium`),
  phrase(
    "plastic",
    "plastic",
    String.raw`plastic|pa\s*6[.\d]*|polyamide|(?<![\w-])nylon(?=\s*(?:$|,|screws?|bolts?|hex|pan|csk|socket|set|studs?))`,
  ),
  phrase("cadmium", "cadmium", String.raw`cad(?:mium)?(?:[\s-]*plated)?`),
  phrase("phosphate", "phosphate", String.raw`phosphate[ds]?(?:[\s-]*(?:and|&)?[\s-]*oil(?:ed)?)?`),
  phrase(
    "plain",
    "plain",
    String.raw`plain(?:\s*finish)?|bright|un(?:plated|coated|finished)|no\s*(?:finish|plating|coating)|(?:chemically\s*)?black(?:ed|ened)|blued|bl(?:ac)?k(?:\s*ox(?:ide)?)?|self[\s-]*colou?r(?:ed)?|s\/c(?:ol(?:ou?r)?)?`,
  ),
];

export const NUT_PHRASES: readonly Phrase<NutStyle>[] = [
  phrase(
    "nylon-insert",
    "nylon insert nut",
    String.raw`(?:hex(?:agon)?\s*)?(?:lock\s*)?(?:nyl(?:on)?|insert)[\s-]*(?:insert\s*)?(?:lock(?:ing)?[\s-]*)?nuts?|(?:hex(?:agon)?\s*)?lock\s*nuts?\s*nylon(?:\s*insert)?`,
  ),
  phrase(
    "all-metal",
    "all-metal locking nut",
    String.raw`all[\s-]*metal(?:[\s-]*(?:lock(?:ing)?|stiff|prevailing(?:\s*torque)?))?[\s-]*nuts?|prev(?:ailing)?(?:\s*torq(?:ue)?)?(?:\s*lock)?\s*nuts?`,
  ),
  phrase(
    "thin",
    "thin nut",
    String.raw`(?:hex(?:agon)?\s*)?(?:thin|half|jam|back)(?:\s*hex(?:agon)?)?(?:\s*lock)?[\s-]*nuts?|hex(?:agon)?\s*nuts?,?\s*(?:thin|half|jam)`,
  ),
  phrase(
    "flange",
    "flange nut",
    String.raw`(?:serrated\s*)?(?:hex(?:agon)?\s*)?flanged?(?:\s*(?:hex(?:agon)?|serrated))*[\s-]*nuts?(?:\s*serrated)?`,
  ),
  phrase(
    "castle",
    "castle nut",
    String.raw`(?:slotted\s*)?cast(?:le(?:lated)?|ellated)[\s-]*nuts?|slotted(?:\s*hex(?:agon)?)?\s*nuts?`,
  ),
  phrase("dome", "dome nut", String.raw`(?:dome|domed|acorn|cap)[\s-]*nuts?`),
  phrase("wing", "wing nut", String.raw`(?:wing|butterfly)[\s-]*nuts?`),
  phrase(
    "coupling",
    "coupling nut",
    String.raw`(?:coupling|connect(?:or|ing)|joining|extension|long)[\s-]*nuts?`,
  ),
  phrase("square", "square nut", String.raw`(?:square|sq)[\s-]*nuts?`),
  phrase("weld", "weld nut", String.raw`(?:hex(?:agon)?\s*)?weld[\s-]*nuts?`),
  phrase(
    "heavy",
    "heavy hex nut",
    String.raw`heavy[\s-]*hex(?:agon)?(?:[\s-]*nuts?)?|heavy[\s-]*nuts?`,
  ),
  phrase(
    "hex",
    "hex nut",
    String.raw`(?:(?:full|hex(?:agon)?(?:\s*plain)?|plain\s*hex(?:agon)?|machine\s*screw)[\s-]*)*nuts?`,
  ),
];

export const WASHER_PHRASES: readonly Phrase<WasherStyle>[] = [
  phrase(
    "toothed",
    "toothed washer",
    String.raw`(?:lock\s*)?(?:(?:(?:internal|external)(?:[\s-]*(?:toothed|tooth))?|toothed|tooth|serrated|star)\s*)(?:\s*lock)?\s*washers?`,
  ),
  phrase("wedge-lock", "wedge-lock washer", String.raw`wedge[\s-]*lock(?:ing)?\s*washers?`),
  phrase(
    "spring",
    "spring washer",
    String.raw`(?:spring\s*)?(?:square|sq)\s*section\s*washers?|spring\s*washers?\s*(?:square|sq)\s*section|(?:square\s*section\s*)?(?:(?:spring|split|helical)(?:\s*(?:spring|lock))*|lock(?:\s*(?:spring|split|helical))*)\s*washers?`,
  ),
  phrase(
    "bonded-seal",
    "bonded seal washer",
    String.raw`(?:sealing\s*)?bonded(?:\s*seal(?:s|ing)?)?\s*washers?|bonded\s*seals?`,
  ),
  phrase("copper", "copper washer", String.raw`copper\s*washers?`),
  phrase(
    "large",
    "large washer",
    String.raw`(?:(?:extra[\s-]*)?large|wide|big|oversized?|repair|penny|fender|mudguard|form\s*[fg])(?:\s*flat)?\s*washers?`,
  ),
  phrase(
    "flat",
    "flat washer",
    String.raw`(?:(?:flat|plain|sae|form\s*[a-c])\s*)*washers?(?:\s*(?:form\s*[a-c]|sae))?`,
  ),
];

export const PIN_PHRASES: readonly Phrase<PinStyle>[] = [
  phrase("taper", "taper pin", String.raw`tapere?d?[\s-]*pins?`),
  phrase(
    "split",
    "split pin",
    String.raw`split[\s-]*cotters?|(?:split|cotter)[\s-]*pins?|cotters?`,
  ),
  phrase(
    "spring",
    "spring pin",
    String.raw`(?:(?:slotted\s*|coiled\s*)?spring(?:[\s-]*(?:type|dowel|slotted|coiled|tension))*|tension)[\s-]*pins?|spring[\s-]*dowels?`,
  ),
  phrase("clevis", "clevis pin", String.raw`clevis(?:[\s-]*pins?)?`),
  phrase("dowel", "dowel pin", String.raw`(?:(?:dowel|parallel)[\s-]*)?pins?|dowels?`),
];

export const PLUG_PHRASES: readonly Phrase<PlugDrive | "unsaid">[] = [
  phrase(
    "socket",
    "socket plug",
    String.raw`(?:(?:hex(?:agon)?\s*)?${SOCKET}${HEAD}|hollow\s*hex(?:agon)?)\s*(?:pipe\s*)?plugs?|plugs?,?\s*hollow\s*hex(?:agon)?`,
  ),
  phrase("square", "square plug", String.raw`(?:square|sq)${HEAD}\s*(?:pipe\s*)?plugs?`),
  phrase(
    "hexagon",
    "hexagon plug",
    String.raw`(?:solid\s*)?${HEX}${HEAD}\s*(?:pipe\s*)?plugs?|plugs?,?\s*(?:steel\s*)?(?:solid\s*)?${HEX}${HEAD}`,
  ),
  phrase(
    "unsaid",
    "plug",
    String.raw`(?:(?:pipe|oil|drain|sump|blank(?:ing)?|filler|level|male)\s*)*plugs?`,
  ),
];

/** What turns a plug, said apart from its noun: "plug, pipe, 1/4 NPT, sq hd". */
export const PLUG_APART: readonly Phrase<PlugDrive>[] = [
  phrase("socket", "socket", String.raw`(?:hex(?:agon)?\s*)?${SOCKET}|hollow\s*hex(?:agon)?`),
  phrase("square", "square", String.raw`(?:square|sq)${HEAD}`),
  phrase("hexagon", "hexagon", String.raw`${HEX}${HEAD}`),
];

export const FITTING_PHRASES: readonly Phrase<FittingStyle>[] = [
  phrase("hexagon-nipple", "hex nipple", String.raw`${HEX}\s*(?:pipe\s*)?nipples?`),
  phrase("nipple", "nipple", String.raw`(?:(?:pipe|barrel)\s*)?nipples?(?:\s*barrel)?`),
  phrase(
    "elbow",
    "elbow",
    String.raw`(?:90(?:\s*deg(?:rees?)?)?\s*)?elbows?(?:\s*90(?:\s*deg(?:rees?)?)?(?=\s+[\dgr]))?`,
  ),
  phrase("tee", "tee", String.raw`(?:equal\s*)?tees?`),
  phrase("coupling", "coupling", String.raw`(?:pipe\s*)?(?:coupl(?:ings?|ers?)|sockets?)`),
  phrase("union", "union", String.raw`unions?`),
  phrase("bush", "bush", String.raw`(?:${HEX}\s*)?(?:reducer\s*)?bush(?:es|ings?)?`),
  phrase("cap", "pipe cap", String.raw`(?:(?:pipe|end|blanking)\s*)?caps?`),
  phrase("adaptor", "adaptor", String.raw`(?:(?:hydraulic|pipe|thread)\s*)?adapt[eo]rs?`),
];

/** How a meaning is written; every meaning has its phrase. */
export function writtenFor<Meaning extends string>(
  phrases: readonly Phrase<Meaning>[],
  means: Meaning,
): string {
  return phrases.find((one) => one.means === means)?.written ?? means;
}
