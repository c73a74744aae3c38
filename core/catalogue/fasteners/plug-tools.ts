import { mmFromInches, nearestFraction, printFraction, type Mm } from "../../measure";
import type { Thread } from "../threads";
import type { TurningTool } from "./turning-tool";

type Rows = readonly (readonly [size: number, acrossMm: Mm])[];

/** By the nominal size in eighths of an inch: socket plugs with a collar (DIN 908) and taper ones (DIN 906), keys in mm. */
const DIN_908_G: Rows = [
  [1, 5],
  [2, 6],
  [3, 8],
  [4, 10],
  [6, 12],
  [8, 17],
];
const DIN_906_R: Rows = [
  [1, 5],
  [2, 7],
  [3, 8],
  [4, 10],
  [6, 12],
  [8, 17],
];
/** Hexagon plugs with a collar, across the flats. */
const DIN_910_G: Rows = [
  [1, 10],
  [2, 13],
  [3, 17],
  [4, 19],
  [6, 24],
  [8, 27],
];
/** By the metric diameter. */
const DIN_908_M: Rows = [
  [10, 5],
  [12, 6],
  [14, 6],
  [16, 8],
  [18, 8],
  [20, 10],
  [22, 10],
  [24, 12],
  [26, 12],
  [27, 12],
  [30, 17],
];
const DIN_910_M: Rows = [
  [10, 10],
  [12, 13],
  [14, 13],
  [16, 17],
  [18, 17],
  [20, 19],
  [22, 19],
  [24, 22],
  [26, 24],
  [27, 24],
  [30, 24],
];
/** Socket pipe plugs of American pipe threads, keys in inches (the dry-seal plugs of ASME B1.20.3 practice). */
const NPT_SOCKET: readonly (readonly [eighths: number, inches: number])[] = [
  [0.5, 5 / 32],
  [1, 3 / 16],
  [2, 1 / 4],
  [3, 5 / 16],
  [4, 3 / 8],
  [6, 9 / 16],
  [8, 5 / 8],
];

interface PlugTable {
  readonly standard: string;
  readonly rows: Rows;
}

function tableFor(drive: "socket" | "hexagon", { family, series }: Thread): PlugTable | undefined {
  const socket = drive === "socket";
  if (family === "iso-metric") {
    return socket
      ? { standard: "DIN 908", rows: DIN_908_M }
      : { standard: "DIN 910", rows: DIN_910_M };
  }
  if (series === "G") {
    return socket
      ? { standard: "DIN 908", rows: DIN_908_G }
      : { standard: "DIN 910", rows: DIN_910_G };
  }
  if (series === "R" && socket) return { standard: "DIN 906", rows: DIN_906_R };
  if (series === "NPT" && socket) {
    return {
      standard: "practice",
      rows: NPT_SOCKET.map(([size, inches]) => [size, mmFromInches(inches)] as const),
    };
  }
  return undefined;
}

/**
 * The key or the spanner of a plug, by its own standard.
 * @returns undefined for a kind or a size that no table here has
 */
export function plugTool(
  drive: "socket" | "hexagon" | "square",
  thread: Thread,
): TurningTool | undefined {
  if (drive === "square") return undefined;
  const table = tableFor(drive, thread);
  const size = thread.namedInch === undefined ? thread.majorMm : thread.namedInch * 8;
  const mm = table?.rows.find(([one]) => Math.abs(one - size) < 1e-6)?.[1];
  if (table === undefined || mm === undefined) return undefined;
  const inches = thread.family === "npt";
  const mark = inches ? `${printFraction(nearestFraction(mm, 64).fraction)} in` : `${mm} mm`;
  const kind = drive === "socket" ? "key" : "spanner";
  return { kind, mark, acrossFlatsMm: mm, standard: table.standard };
}
