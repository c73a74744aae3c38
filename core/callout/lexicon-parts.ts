import type { Meaning, Row } from "./meaning";

const NUT: Meaning = { role: "part", part: "nut" };
const WASHER: Meaning = { role: "part", part: "washer" };
const PIN: Meaning = { role: "part", part: "pin" };
const FLAT_WASHER: Meaning = { role: "part", part: "washer", kind: "flat" };
const BONDED_SEAL: Meaning = { role: "part", part: "washer", kind: "bonded-seal" };
const LONG_NUT: Meaning = { role: "part", part: "nut", kind: "coupling" };
const kind = (name: string): Meaning => ({ role: "kind", kind: name });

/** The nouns of parts. */
export const PART_ROWS: readonly Row[] = [
  ["M8 nut", ["nut"], NUT],
  // A washer face or head is part of a screw.
  [
    "M8 washer",
    ["washer"],
    ({ next }) => (/^(?:heads?|hd|faced?)$/.test(next ?? "") ? undefined : WASHER),
  ],
  ["M14 bonded seal", ["sealing? bonded seal|sealing washer?", "sealing bonded"], BONDED_SEAL],
  ["M16 plain washer", ["plain washer", "washer plain", "^ washer , plain"], FLAT_WASHER],
  ["6 x 24 pin", ["pin"], PIN],
  ["6 x 24 dowel", ["dowel"], { role: "part", part: "pin", kind: "dowel" }],
  ["3 x 25 cotter", ["cotter"], { role: "part", part: "pin", kind: "split" }],
  ["8 x 30 clevis pin", ["clevis"], { role: "part", part: "pin", kind: "clevis" }],
  ["G 1/2 plug", ["plug"], { role: "part", part: "plug" }],
  ["M12 rod connector", ["threaded? rod connector|coupler|coupling nut?"], LONG_NUT],
  ["M8 long nut", ["long hex? nut"], LONG_NUT],
];

/** What tells one part from another of its sort; what each word says of it, the tables of `kinds.ts` have. */
export const KIND_ROWS: readonly Row[] = [
  ["M8 hex nut", ["hex"], kind("hex")],
  ["M8 full nut", ["full"], kind("full")],
  ["M8 plain hex nut", ["plain hex", "hex plain", "plain , hex"], kind("hex")],
  ["M8 machine screw nut", ["machine screw"], kind("full")],
  ["1/2-13 finished hex nut", ["finish hex"], kind("hex")],
  ["M8 lock nut thin", ["lock|locking"], kind("lock")],
  ["M8 nylon nut", ["nylon", "nylon insert"], kind("nylon")],
  ["M8 insert nut", ["insert"], kind("nylon")],
  ["M8 all metal nut", ["all metal"], kind("all-metal")],
  ["M8 all metal stiff nut", ["stiff"], kind("stiff")],
  ["M8 prevailing torque nut", ["prevailing torque?"], kind("prevailing")],
  ["M8 jam nut", ["thin|half|jam|back"], kind("thin")],
  ["M8 flange nut", ["flange"], kind("flange")],
  ["M8 serrated flange nut", ["serrated"], kind("serrated")],
  ["M8 castle nut", ["castle"], kind("castle")],
  ["M8 slotted nut", ["slotted"], kind("slotted")],
  ["M8 dome nut", ["dome|acorn|cap"], kind("dome")],
  ["M8 wing nut", ["wing|butterfly"], kind("wing")],
  [
    "M8 coupling nut",
    ["coupling|connector|connecting|joining|extension", "rod coupling"],
    kind("coupling"),
  ],
  ["M8 square nut", ["square"], kind("square")],
  ["M8 weld nut", ["weld"], kind("weld")],
  ["M8 heavy nut", ["heavy"], kind("heavy")],
  // Of washers.
  ["M8 flat washer", ["flat|sae"], kind("flat")],
  ["M8 washer form A", ["form|type a|b|c"], kind("form")],
  ["M8 spring washer", ["spring|helical", "square section"], kind("spring")],
  ["M8 split washer", ["split"], kind("split")],
  [
    "M8 toothed washer",
    ["toothed|internal|external|star", "internal|external toothed"],
    kind("toothed"),
  ],
  // Of pins.
  ["6 x 50 taper pin", ["taper|tapered"], kind("taper")],
  ["5 x 30 spring type pin", ["tension|coiled", "spring type"], kind("tension")],
  ["6 x 24 parallel pin", ["parallel"], kind("parallel")],
  // Of plugs.
  ["G 1/2 socket plug", ["hex? socket head?", "hollow hex"], kind("socket")],
  ["G 1/2 hex head plug", ["solid? hex head", "solid hex"], kind("hex")],
  ["1/4 NPT square head plug", ["square head"], kind("square")],
  ["1/2 BSP pipe plug", ["pipe|oil|drain|sump|blank|blanking|filler|level|male"], kind("of-plugs")],
  ["M8 wedge lock washer", ["wedge lock|locking"], kind("wedge-lock")],
  ["M8 bonded washer", ["bonded"], kind("bonded-seal")],
  ["M8 copper washer", ["copper"], kind("copper")],
  [
    "M8 penny washer",
    ["extra? large", "wide|big|oversize|oversized|repair|penny|fender|mudguard", "form f|g"],
    kind("large"),
  ],
];
