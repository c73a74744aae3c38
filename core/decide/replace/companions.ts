import { isStructuralScrew, madeToOf, type ScrewSpec } from "../../callout";
import type { Circumstances, Duty } from "../../catalogue/circumstances";
import {
  nutSize,
  washerSize,
  type NutSize,
  type NutStyle,
  type WasherSize,
} from "../../catalogue/fasteners";
import { bandAt, type NutClass } from "../../catalogue/grades";
import { isMadeOf, type Finish } from "../../catalogue/looks";
import { countedGrade, metalOfGrade } from "./counted-grade";
import { rightNut } from "./right-nut";

/** The nut that goes with a screw. */
export interface NutAdvice {
  readonly style: NutStyle;
  readonly size: NutSize;
  /** Absent where nuts of the kind bear no class. */
  readonly nutClass?: NutClass;
  /** Tapped over size for the thickness of the dip; a plain one does not go on. */
  readonly galvanised: boolean;
  /** The metal that the bolt is of, and so its nut; undefined of steel. */
  readonly metal?: Finish;
}

/** The washer that goes with a screw. */
export interface WasherAdvice {
  readonly size?: WasherSize;
  /** Hardened: a soft washer sinks in under a strong bolt (300 HV, ASTM F436). */
  readonly hardened: boolean;
  /** The standard of a structural bolt's washer. */
  readonly standard?: string;
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

/** A structural bolt has the nut of its own standard, whatever it hangs on. */
function nutStyleFor(spec: ScrewSpec, duty: Duty): NutStyle {
  if (isStructuralScrew(spec)) return madeToOf(spec) === "ASTM F3125" ? "heavy" : "hex";
  return duty === "vibrating" ? "all-metal" : "hex";
}

/** Whether anything goes with a screw: a set screw is pressed by its end, and takes neither nut nor washer. */
export function takesCompanions({ head }: ScrewSpec): boolean {
  return head !== "set";
}

/** The nut, the washer and the locking for a screw in its place. */
export function companionsOf(spec: ScrewSpec, { duty }: Circumstances): Companions {
  const { thread, finish } = spec;
  const grade = countedGrade(spec)?.grade;
  const nutClass = rightNut(spec);
  const style = nutStyleFor(spec, duty);
  const structural = isStructuralScrew(spec);
  const ofClass = grade === undefined ? undefined : metalOfGrade(grade);
  const metal = isMadeOf(finish) ? finish : ofClass;
  const washer = washerSize("flat", thread);
  const tensile = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  return {
    nut: {
      style,
      size: nutSize(style, thread, madeToOf(spec)),
      ...(nutClass === undefined ? {} : { nutClass }),
      galvanised: finish === "galvanised",
      ...(metal === undefined ? {} : { metal }),
    },
    washer: {
      ...(washer === undefined ? {} : { size: washer }),
      hardened: structural || tensile >= HARDENED_FROM_MPA,
      ...(structural
        ? { standard: madeToOf(spec) === "ASTM F3125" ? "ASTM F436" : "EN 14399-6" }
        : {}),
    },
    locking: lockingFor(duty),
  };
}
