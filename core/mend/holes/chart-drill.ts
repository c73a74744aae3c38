import { formSizes, limits, smallEndReduction, type Thread } from "../../catalogue/threads";
import { mmFromInches, nearestFraction, printFraction, roundHalfEven } from "../../measure";
import { DRILL_SETS, drillsOf, type Drill } from "./drill-sets";

/** Where the tapping drill of a thread comes from. */
export type ChartDrillBasis =
  /** ISO 2306: nominal diameter less the pitch, to the drill in the series. */
  | "iso-2306"
  /** The inch chart of the trade, about 75 % of thread. */
  | "inch-chart"
  /** The nearest drill to the minor diameter at the small end of a taper thread, drilled only. */
  | "taper-small-end"
  /** No chart is held: the largest drill within the nut's minor diameter limits, or the nearest to them. */
  | "minor-limits";

export interface ChartDrill {
  readonly drill: Drill;
  readonly basis: ChartDrillBasis;
}

/** The tapping drill chart of the inch trade for UNC and UNF: number, letter and fractional drills, 65 to 85 % of thread. */
const INCH_CHART: Readonly<Record<string, string>> = {
  "#0-80": "3/64",
  "#1-64": "53",
  "#1-72": "53",
  "#2-56": "50",
  "#2-64": "50",
  "#3-48": "47",
  "#3-56": "45",
  "#4-40": "43",
  "#4-48": "42",
  "#5-40": "38",
  "#5-44": "37",
  "#6-32": "36",
  "#6-40": "33",
  "#8-32": "29",
  "#8-36": "29",
  "#10-24": "25",
  "#10-32": "21",
  "#12-24": "16",
  "#12-28": "14",
  "1/4-20": "7",
  "1/4-28": "3",
  "5/16-18": "F",
  "5/16-24": "I",
  "3/8-16": "5/16",
  "3/8-24": "Q",
  "7/16-14": "U",
  "7/16-20": "25/64",
  "1/2-13": "27/64",
  "1/2-20": "29/64",
  "9/16-12": "31/64",
  "9/16-18": "33/64",
  "5/8-11": "17/32",
  "5/8-18": "37/64",
  "3/4-10": "21/32",
  "3/4-16": "11/16",
  "7/8-9": "49/64",
  "7/8-14": "13/16",
  "1-8": "7/8",
  "1-12": "59/64",
  "1 1/8-7": "63/64",
  "1 1/4-7": "1 7/64",
  "1 1/2-6": "1 11/32",
};

/**
 * The chart of the pipe trade for taper American pipe threads, in inches: drilled only, and drilled for a taper reamer.
 * Size by the name; the tap cuts the taper itself where no reamer went before.
 */
const NPT_CHART: Readonly<Record<string, readonly [drilled: string, reamed: string]>> = {
  "1/16": ["C", "A"],
  "1/8": ["Q", "21/64"],
  "1/4": ["7/16", "27/64"],
  "3/8": ["37/64", "9/16"],
  "1/2": ["45/64", "11/16"],
  "3/4": ["59/64", "57/64"],
  "1": ["1 5/32", "1 1/8"],
  "1 1/4": ["1 1/2", "1 15/32"],
  "1 1/2": ["1 47/64", "1 45/64"],
  "2": ["2 7/32", "2 3/16"],
};

function nearest(drills: readonly Drill[], mm: number): Drill {
  return drills.reduce((best, drill) =>
    Math.abs(drill.mm - mm) < Math.abs(best.mm - mm) ? drill : best,
  );
}

const INCH_DRILLS = drillsOf(["fractional", "number", "letter"]);
const METRIC_DRILLS = drillsOf(["metric-tenths", "metric-halves"]);
const ALL_DRILLS = drillsOf(DRILL_SETS);

/** Below 3 mm the series of ISO 2306 keeps twentieths; above it has tenths, and halves of a tenth go to the even one. */
function isoDrill(thread: Thread): Drill {
  const exact = thread.majorMm - thread.pitchMm;
  if (thread.id === "iso-m4.5x0.75") return { set: "metric-tenths", mark: "3.7", mm: 3.7 };
  const mm = exact < 3 ? roundHalfEven(exact * 20, 0) / 20 : roundHalfEven(exact, 1);
  return { set: "metric-tenths", mark: String(mm), mm };
}

function byChart(thread: Thread): Drill | undefined {
  return inchDrill(INCH_CHART[thread.designation.replace(/ UN[CF]$/, "")] ?? nptMarks(thread)?.[0]);
}

const inchDrill = (mark: string | undefined) =>
  INCH_DRILLS.find((drill) => mark !== undefined && drill.mark === mark);

const nptMarks = ({ series, namedInch }: Thread) =>
  series === "NPT" && namedInch !== undefined
    ? NPT_CHART[printFraction(nearestFraction(mmFromInches(namedInch), 16).fraction)]
    : undefined;

/** The drill before a taper reamer, which leaves the tap less to cut; undefined where no chart has one. */
export function drillBeforeReamer(thread: Thread): Drill | undefined {
  return inchDrill(nptMarks(thread)?.[1]);
}

/** Inch drills for American threads; metric ones for the rest. */
const drillsFor = ({ family }: Thread) =>
  family === "unified" || family === "npt" || family === "acme" || family === "hose"
    ? INCH_DRILLS
    : METRIC_DRILLS;

/**
 * The largest drill that leaves the hole within the minor diameter limits of the usual class: one of the thread's own
 * system if it can be, else of the other, else the nearest to their middle.
 */
function withinMinorLimits(thread: Thread): Drill {
  const { min = 0, max = 0 } = limits(thread, "internal").minor;
  const own = drillsFor(thread);
  const largest = (drills: readonly Drill[]) => drills.findLast(({ mm }) => mm <= max && mm >= min);
  return largest(own) ?? largest(ALL_DRILLS) ?? nearest(own, (min + max) / 2);
}

/**
 * The tapping drill a chart gives, with where it comes from: ISO 2306 for metric, the inch chart for UNC and UNF; for
 * a taper thread the drill nearest to the minor diameter at its small end; for the rest the largest within the limits.
 */
export function chartDrill(thread: Thread): ChartDrill {
  if (thread.family === "iso-metric" || thread.series === "conduit M") {
    return { drill: isoDrill(thread), basis: "iso-2306" };
  }
  const charted = byChart(thread);
  if (charted !== undefined) return { drill: charted, basis: "inch-chart" };
  if (thread.taper === undefined) {
    return { drill: withinMinorLimits(thread), basis: "minor-limits" };
  }
  const smallEnd = formSizes(thread, "internal").minor - smallEndReduction(thread);
  return { drill: nearest(drillsFor(thread), smallEnd), basis: "taper-small-end" };
}
