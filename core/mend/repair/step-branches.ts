import { isOwnSystem, ownedDrills, type Drill, type OwnedTools } from "../holes";
import { willItGo } from "../../identify/mating";
import { limits, type SizeRange, type Thread } from "../../catalogue/threads";
import type { StepBranch, StepCode } from "./steps";
import { stiMinor } from "./wire-insert";

/** What is tapped at a plan, and with which drill. */
export interface TappedWith {
  readonly thread: Thread;
  /** The thread stands round a wire insert. */
  readonly insert: boolean;
  readonly drill: Drill | undefined;
  readonly tools: OwnedTools | undefined;
}

function minorOf({ thread, insert }: TappedWith): SizeRange | undefined {
  if (thread.taper !== undefined) return undefined;
  return insert ? stiMinor(thread) : limits(thread, "internal").minor;
}

/** The next drill on hand over the planned one that still leaves a hole within the limits. */
function nextUp(
  { thread, drill, tools }: TappedWith,
  minor: SizeRange | undefined,
): Drill | undefined {
  const most = minor?.max;
  if (drill === undefined || most === undefined) return undefined;
  const larger = ownedDrills(tools).filter(({ mm }) => mm > drill.mm + 1e-6 && mm <= most + 1e-9);
  return larger.find((one) => isOwnSystem(thread, one)) ?? larger[0];
}

/** What the scrap tells: tight, the bore is under size or the tap is; loose, it rocks on its crests or was tapped wide. */
function testPiece(tapped: TappedWith): readonly StepBranch[] {
  const minor = minorOf(tapped);
  const drill = nextUp(tapped, minor);
  const sizes = minor === undefined ? {} : { minor };
  const shakeMm =
    tapped.insert || minor === undefined
      ? undefined
      : willItGo(tapped.thread, tapped.thread, { fit: "loosest" }).axialPlay;
  return [
    { feel: "tight", then: "drill", ...sizes, ...(drill === undefined ? {} : { drill }) },
    { feel: "loose", then: "measure", ...sizes, ...(shakeMm === undefined ? {} : { shakeMm }) },
  ];
}

const BRANCHES: Readonly<Partial<Record<StepCode, readonly StepBranch[]>>> = {
  tap: [
    { feel: "stiff", then: "clean" },
    { feel: "stops", then: "stop" },
    { feel: "broke", then: "stop" },
  ],
  "left-drill": [{ feel: "broke", then: "drill-out" }],
  extractor: [
    { feel: "stops", then: "drill-out" },
    { feel: "broke", then: "stop" },
  ],
  "trial-screw": [
    { feel: "binds", then: "clean" },
    { feel: "turns-for-ever", then: "next-option" },
    { feel: "proud", then: "measure" },
  ],
};

/** What a step may feel like, and what then comes. */
export function branchesAt(code: StepCode, tapped: TappedWith): readonly StepBranch[] {
  return code === "test-piece" ? testPiece(tapped) : (BRANCHES[code] ?? []);
}
