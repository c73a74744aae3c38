import { bandAt, gradeById } from "../grades";
import { stripLoadN } from "../holes";
import {
  firstOf,
  goneProblem,
  holdParts,
  tapFor,
  type Attempt,
  type RepairTool,
} from "./attempt-parts";
import { LEAST_SOUND, boss, engagementOf, fullDepthMm, soundShareOf, type Damage } from "./damage";
import { oversizeAttempts } from "./larger-thread";
import { bushAttempt, plugAttempt, wireInsertAttempt } from "./new-thread";
import { isOddThread } from "./odd-thread";
import { pipeSeal } from "./pipe-joints";
import type { RepairRefusal } from "./refusal";
import type { RepairKind } from "./repair-kinds";
import { discardProblem } from "./worn-screw";
import type { Thread } from "../threads";

const LEAST_SOUND_RETAP = 0.5;
/** Sound thread below the old one that a longer screw must find, in diameters. */
const LEAST_BELOW = 0.3;
const HARD_MPA = 1000;

function restoring(kind: RepairKind, damage: Damage, least: number, tool: RepairTool): Attempt {
  const { thread, material, part } = damage;
  const gone = goneProblem(damage, least);
  if (part === "screw") {
    return {
      kind,
      thread,
      needs: [tool],
      ...firstOf(discardProblem(damage), gone, toolProblem(kind, thread)),
    };
  }
  const overMm = engagementOf(damage) * soundShareOf(damage);
  const held = holdParts(damage, stripLoadN(thread, material, overMm, boss(damage)));
  return { kind, thread, needs: [tool], ...held, ...firstOf(gone, held.refusal) };
}

function longerScrew(damage: Damage): Attempt {
  const { thread, material } = damage;
  const belowMm = fullDepthMm(damage) - engagementOf(damage);
  const held = holdParts(damage, stripLoadN(thread, material, belowMm, boss(damage)));
  const short: RepairRefusal | undefined =
    belowMm < LEAST_BELOW * thread.majorMm ? { code: "nothing-below", belowMm } : undefined;
  return {
    kind: "longer-screw",
    thread,
    needs: [{ tool: "longer-screw", thread }],
    ...held,
    ...firstOf(short, held.refusal),
  };
}

function die(damage: Damage): Attempt {
  const { thread, gradeId } = damage;
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  const tensileMpa = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  return {
    kind: "die",
    thread,
    needs: [{ tool: "die", thread }],
    ...firstOf(
      discardProblem(damage),
      toolProblem("die", thread),
      tensileMpa >= HARD_MPA ? { code: "cuts-strength", tensileMpa } : undefined,
    ),
  };
}

/** A thread of no standard has no chaser and no die: a file asks for its pitch alone. */
function toolProblem(kind: RepairKind, thread: Thread): RepairRefusal | undefined {
  return kind !== "file" && isOddThread(thread) ? { code: "no-standard" } : undefined;
}

/** Sealed anew where the pair can seal; an adaptor between where it never will. */
function sealing(kind: "reseal" | "adaptor", { thread, male = thread }: Damage): Attempt {
  const seal = pipeSeal(male, thread);
  const never: RepairRefusal | undefined =
    seal.kind === "none" ? { code: "never-seals", reason: seal.reason } : undefined;
  if (kind === "reseal") {
    return { kind, thread, needs: [{ tool: "sealant", thread }], ...firstOf(never) };
  }
  return {
    kind,
    thread,
    needs: [
      { tool: "adaptor", thread },
      { tool: "sealant", thread },
    ],
    ...firstOf(never === undefined ? { code: "pair-is-right" } : undefined),
  };
}

/** What each kind would come to on this damage: one attempt, or several of a kind. */
export function attempts(kind: RepairKind, damage: Damage): readonly Attempt[] {
  const { thread, hole, behind = false } = damage;
  switch (kind) {
    case "chase":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "chaser", thread })];
    case "file":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "thread-file", thread })];
    case "retap":
      return [restoring(kind, damage, LEAST_SOUND_RETAP, tapFor(thread, damage))];
    case "longer-screw":
      return [longerScrew(damage)];
    case "wire-insert":
      return [wireInsertAttempt(damage)];
    case "solid-bush":
      return [bushAttempt(damage)];
    case "oversize":
      return oversizeAttempts(damage);
    case "plug-and-redrill":
      return [plugAttempt(damage)];
    case "die":
      return [die(damage)];
    case "build-up":
      return [{ kind, thread, needs: [], refusal: { code: "never" } }];
    case "through-bolt":
      return [
        {
          kind,
          thread,
          needs: [
            { tool: "longer-screw", thread },
            { tool: "nut", thread },
          ],
          ...firstOf(hole === "blind" || behind ? { code: "far-side-closed" } : undefined),
        },
      ];
    case "stud":
      return [
        {
          kind,
          thread,
          needs: [
            { tool: "stud", thread },
            { tool: "nut", thread },
          ],
          ...firstOf(goneProblem(damage, LEAST_SOUND)),
        },
      ];
    case "extract":
      return [{ kind, thread, needs: [{ tool: "extractor", thread }] }];
    case "reseal":
    case "adaptor":
      return [sealing(kind, damage)];
    case "replace-fastener":
      return [{ kind, thread, needs: [{ tool: "screw", thread }] }];
    case "replace-part":
      return [{ kind, thread, needs: [] }];
  }
}
