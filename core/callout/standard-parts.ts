import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { Drive, HeadStyle, Point } from "../catalogue/looks";
import type { PinStyle, PlugDrive } from "./fastener-spec";

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
export const STANDARD_ROWS: readonly (readonly [numbers: string, means: DefinedPart])[] = [
  [
    "ISO 4014, ISO 4015, ISO 4016, ISO 8765, EN 14399-3, EN 14399-4, DIN 931, DIN 960, DIN 601, DIN 7990, DIN 6914",
    HEX,
  ],
  [
    "AS 1110, AS 1111, GB 5782, BS 3692, BS 4190, BS 1083, BS 1768, BS 4395, AS 1252, ASME B18.2.1, ASME B18.2.6, JIS B1180, AS 2465, GB 5780, ISO 7411, ASME B18.2.3.1M, ASME B18.2.3.5M, ASME B18.2.3.7M",
    HEX,
  ],
  ["ISO 4017, ISO 4018, ISO 8676, DIN 933, DIN 961, DIN 558, GB 5783, GB 5781", HEX_SET],
  [
    "ISO 4762, DIN 912, BS 4168, BS 2470, AS 1420, GB 70, JIS B1176, ISO 12474, ISO 21269, ASME B18.3.1M",
    screw("socket-cap"),
  ],
  ["ISO 14579", screw("socket-cap", { drive: "star" })],
  ["ISO 14580", screw("cheese", { drive: "star" })],
  ["DIN 7984, DIN 6912", screw("low-cap")],
  ["ISO 7380, JIS B1174, GB 70.2, ASME B18.3.4M", screw("button")],
  ["ISO 10642, DIN 7991, JIS B1194, GB 70.3, ASME B18.3.5M", screw("csk", { drive: "socket" })],
  ["ISO 7046, DIN 965, GB 819", screw("csk", { drive: "cross" })],
  ["ISO 2009, DIN 963, GB 68", screw("csk", { drive: "slot" })],
  ["ISO 14581, ISO 14582", screw("csk", { drive: "star" })],
  ["ISO 7047, DIN 966", screw("raised-csk", { drive: "cross" })],
  ["ISO 2010, DIN 964", screw("raised-csk", { drive: "slot" })],
  ["ISO 14584", screw("raised-csk", { drive: "star" })],
  ["ISO 7045, DIN 7985, GB 818", screw("pan", { drive: "cross" })],
  ["ISO 1580, DIN 85, GB 67", screw("pan", { drive: "slot" })],
  ["ISO 14583", screw("pan", { drive: "star" })],
  ["ISO 1207, DIN 84, GB 65", screw("cheese", { drive: "slot" })],
  ["ISO 7048", screw("cheese", { drive: "cross" })],
  ["AS 1421, JIS B1177, ASME B18.3.6M", screw("set", { drive: "socket" })],
  ["ISO 4026, DIN 913, GB 77", screw("set", { drive: "socket", point: "flat" })],
  ["ISO 4027, DIN 914, GB 78", screw("set", { drive: "socket", point: "cone" })],
  ["ISO 4028, DIN 915, GB 79", screw("set", { drive: "socket", point: "dog" })],
  ["ISO 4029, DIN 916, GB 80", screw("set", { drive: "socket", point: "cup" })],
  ["ISO 4766, DIN 551", screw("set", { drive: "slot", point: "flat" })],
  ["ISO 7434, DIN 553", screw("set", { drive: "slot", point: "cone" })],
  ["ISO 7435, DIN 417", screw("set", { drive: "slot", point: "dog" })],
  ["ISO 7436, DIN 438", screw("set", { drive: "slot", point: "cup" })],
  ["ISO 8677, DIN 603, ASME B18.5, AS 1390, JIS B1171, GB 12", screw("carriage")],
  [
    "ISO 4162, ISO 15071, ISO 15072, DIN 6921, DIN 6922, EN 1662, EN 1665, JIS B1189, GB 5789, GB 16674, ASME B18.2.3.9M",
    screw("flange-hex"),
  ],
  ["ISO 7379, DIN 9841", screw("shoulder")],
  [
    "DIN 975, DIN 976, ASME B18.31.1M, ASME B18.31.2, BS 2693, JIS B1173, GB 901, DIN 938, DIN 939, DIN 835, DIN 940, DIN 2509, ISO 888, BS 4439",
    screw("stud"),
  ],
  ["ISO 3266, DIN 580, DIN 444, BS 4278, JIS B1168, GB 825, ASME B18.15", screw("eye")],
  ["DIN 316", screw("wing")],
  ["DIN 186, DIN 188, DIN 261", screw("t")],
  ["DIN 478, DIN 479", screw("square")],
  [
    "AS 1112, GB 6170, ISO 7414, ISO 4775, ASME B18.2.4.1M, ASME B18.2.4.2M, ISO 4032, ISO 4033, ISO 4034, ISO 8673, ISO 8674, DIN 934, DIN 555, DIN 6915",
    nut("hex"),
  ],
  ["JIS B1181", nut("hex")],
  ["ASME B18.2.2", { ...nut("hex"), others: AMERICAN_NUTS }],
  [
    "ISO 4035, ISO 4036, ISO 8675, DIN 439, DIN 936, DIN 431, DIN 80705, GB 6172, ASME B18.2.4.5M",
    nut("thin"),
  ],
  ["ISO 7040, ISO 10512, ISO 10511, DIN 985, DIN 982, GB 889", nut("nylon-insert")],
  ["ISO 7042, ISO 7719, ISO 10513, ISO 7720, DIN 980", nut("all-metal")],
  ["ISO 4161, ISO 10663, DIN 6923, EN 1661, JIS B1190, GB 6177, ASME B18.2.4.4M", nut("flange")],
  ["ISO 7035, DIN 935, DIN 937, JIS B1170, GB 6178", nut("castle")],
  ["DIN 1587, DIN 917, JIS B1183, GB 923", nut("dome")],
  ["DIN 315, JIS B1185, GB 62", nut("wing")],
  ["DIN 6334", nut("coupling")],
  ["DIN 557, JIS B1163, GB 39", nut("square")],
  ["ISO 21670, DIN 929, DIN 928", nut("weld")],
  [
    "ISO 7089, ISO 7090, ISO 7091, ISO 7092, DIN 125, DIN 126, DIN 433, DIN 6916, EN 14399-5, EN 14399-6",
    washer("flat"),
  ],
  [
    "AS 1237, GB 97, ASME B18.21.1, ASME B18.22.1, BS 4320, BS 3410, JIS B1256, ISO 7415, ISO 7416, GB 848, ASME B18.22M",
    washer("flat"),
  ],
  ["ISO 7093, ISO 7094, DIN 9021, DIN 440, GB 96", washer("large")],
  [
    "DIN 127, DIN 128, DIN 7980, BS 4464, GB 93, BS 1802, JIS B1251, ASME B18.21.2M",
    washer("spring"),
  ],
  ["DIN 6797, DIN 6798", washer("toothed")],
  ["DIN 25201", washer("wedge-lock")],
  ["DIN 7603", washer("copper")],
  [
    "ISO 2338, ISO 8733, ISO 8734, ISO 8735, DIN 7, DIN 6325, DIN 7979, BS 1804, JIS B1354, GB 119",
    pin("dowel"),
  ],
  ["ISO 2339, ISO 8736, DIN 1, DIN 7978, JIS B1352, GB 117", pin("taper")],
  ["ISO 1234, DIN 94, BS 1574, JIS B1351, GB 91", pin("split")],
  ["ISO 8748, ISO 8750, ISO 8752, ISO 13337, DIN 1481, DIN 7343, DIN 7346", pin("spring")],
  ["ISO 2340, ISO 2341, DIN 1443, DIN 1444", pin("clevis")],
  ["DIN 906, DIN 908", { part: "plug", drive: "socket" }],
  ["DIN 909, DIN 910, DIN 7604", { part: "plug", drive: "hexagon" }],
  ["ISO 898, ISO 3506, ISO 261, ISO 262, ISO 724, ISO 965, ISO 4042, ISO 10684, ISO 10683", ANY],
  [
    "ISO 1461, ISO 68, ISO 7, ISO 228, ISO 15330, BS 729, BS 7371, BS 3382, BS 3643, BS 1580, BS 21, BS 2779, BS 6105, BS 970",
    ANY,
  ],
  ["JIS B0202, JIS B0203, JIS B0205, JIS B0207, JIS B1051, JIS B1052, GB 3098", ANY],
  [
    "ASME B1.1, ASME B1.13M, ASME B1.20.1, ASME B18.17, BS 84, BS 93, SAE J429, SAE J995, EN 15048",
    ANY,
  ],
  // These have many heads; one must be said.
  [
    "ASME B18.3, ASME B18.6.3, ASME B18.6.7M, BS 57, BS 450, BS 916, BS 1981, BS 4183, JIS B1111, JIS B1101, AS 1427",
    ANY,
  ],
];

/** Standards of parts that no table here holds, several of one kind in a row. */
export const NOT_HELD_ROWS: readonly (readonly [numbers: string, part: string])[] = [
  ["DIN 571, DIN 95, DIN 96, DIN 97, AS 1393, BS 1210, GB 102", "wood screw"],
  ["DIN 7500, ISO 7085, GB 6560", "thread-forming screw"],
  ["DIN 7504, ISO 15480, ISO 15481, ISO 10666, AS 3566", "self-drilling screw"],
  [
    "DIN 7981, DIN 7982, DIN 7983, DIN 7976, ISO 1479, ISO 1481, ISO 1482, ISO 1483, BS 4174",
    "tapping screw",
  ],
  ["ISO 7049, ISO 7050, ISO 7051, ISO 7053, ISO 14585, ISO 14586, ISO 14587", "tapping screw"],
  ["DIN 609, DIN 610, DIN 7968, DIN 7999", "fit bolt"],
  ["DIN 464, DIN 465, DIN 653", "knurled thumb screw"],
  ["DIN 404", "capstan screw"],
  ["DIN 787", "T-slot bolt"],
  ["DIN 508", "T-slot nut"],
  ["DIN 529, DIN 797", "foundation bolt"],
  ["DIN 582", "lifting eye nut"],
  ["DIN 466, DIN 467", "knurled nut"],
  ["DIN 546, DIN 547, DIN 548, DIN 1804, DIN 1816, DIN 70852, DIN 981, DIN 70851", "round nut"],
  ["DIN 6330, DIN 6331", "fixture nut"],
  ["DIN 434, DIN 435, DIN 436", "square washer"],
  ["DIN 93, DIN 432, DIN 463, DIN 462, DIN 5406", "tab washer"],
  ["DIN 137, DIN 6904, DIN 42013", "curved or wave washer"],
  ["DIN 2093, DIN 6796, DIN 6908", "conical spring washer"],
  ["DIN 6319", "spherical washer"],
  ["DIN 988", "shim ring"],
  ["DIN 471, DIN 472, DIN 6799, DIN 5417, BS 3673", "retaining ring"],
  ["DIN 1470, DIN 1471, DIN 1472, DIN 1473, DIN 1474, DIN 1475, DIN 1476, DIN 1477", "grooved pin"],
  ["ISO 8739, ISO 8740, ISO 8741, ISO 8742, ISO 8743, ISO 8744, ISO 8745", "grooved pin"],
  ["DIN 11024", "spring cotter"],
  ["DIN 6885, DIN 6888, BS 4235, BS 46", "key"],
  ["DIN 7337, DIN 660, DIN 661, ISO 15977, ISO 15978, ISO 1051", "rivet"],
];
