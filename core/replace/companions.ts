import type { ScrewSpec } from "../callout";
import type { Circumstances, Duty } from "../circumstances";
import { nutSize, washerSize, type NutSize, type NutStyle, type WasherSize } from "../fasteners";
import { bandAt, gradeById, matchingNut, weakestGrade, type NutClass } from "../grades";

/** The nut that goes with a screw. */
export interface NutAdvice {
  readonly style: NutStyle;
  readonly size: NutSize;
  /** Absent where nuts of the kind bear no class. */
  readonly nutClass?: NutClass;
  /** Tapped over size for the thickness of the dip; a plain one does not go on. */
  readonly galvanised: boolean;
}

/** The washer that goes with a screw. */
export interface WasherAdvice {
  readonly size?: WasherSize;
  /** Hardened: a soft washer sinks in under a strong bolt (300 HV, ASTM F436). */
  readonly hardened: boolean;
}

/** A way to keep a screw from shaking loose; the sounder first. */
export type Locking =
  | "wedge-lock-washer"
  | "prevailing-torque-nut"
  | "thread-locking-compound"
  | "castle-nut-and-pin"
  | "spring-washer"
  | "none-wanted";

export interface Companions {
  readonly nut: NutAdvice;
  readonly washer: WasherAdvice;
  readonly locking: readonly Locking[];
}

/** Bolts of this strength and over want a hardened washer. */
export const HARDENED_FROM_MPA = 1000;

function lockingFor(duty: Duty): readonly Locking[] {
  switch (duty) {
    case "vibrating":
      return [
        "wedge-lock-washer",
        "prevailing-torque-nut",
        "thread-locking-compound",
        "spring-washer",
      ];
    case "safety-critical":
      return ["castle-nut-and-pin", "prevailing-torque-nut", "wedge-lock-washer"];
    default:
      return ["none-wanted"];
  }
}

function nutStyleFor(duty: Duty): NutStyle {
  return duty === "vibrating" ? "all-metal" : "hex";
}

/** The nut, the washer and the locking for a screw in its place. */
export function companionsOf(spec: ScrewSpec, { duty }: Circumstances): Companions {
  const { thread } = spec;
  const said = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  const grade = said ?? weakestGrade(thread);
  const nutClass = grade === undefined ? undefined : matchingNut(grade, thread);
  const style = nutStyleFor(duty);
  const washer = washerSize("flat", thread);
  const tensile = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  return {
    nut: {
      style,
      size: nutSize(style, thread),
      ...(nutClass === undefined ? {} : { nutClass }),
      galvanised: spec.finish === "galvanised",
    },
    washer: {
      ...(washer === undefined ? {} : { size: washer }),
      hardened: tensile >= HARDENED_FROM_MPA,
    },
    locking: lockingFor(duty),
  };
}
