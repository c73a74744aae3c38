import { repairInputSchema } from "@root-gauge/contract";
import {
  damageFrom,
  repairWork,
  type RepairOutcome,
  type StepRecord,
  type StoredDamage,
} from "@root-gauge/core/mend/repair";
import type { Store } from "../store/database";
import { saveRepair } from "../store/repairs";
import type { SeededRandom } from "./random";

/** A repair of the scenario: the damage, what was chosen, and how far it has come. */
export interface DemoRepair {
  readonly position: string;
  readonly damage: StoredDamage;
  /** By kind and thread. */
  readonly option: string;
  /** Steps that are done; all of them where it is finished. */
  readonly done?: number;
  /** What was noted at a step, by its code. */
  readonly noted?: Readonly<Partial<Record<StepRecord["code"], string>>>;
  readonly used: string;
  readonly outcome: RepairOutcome | null;
  readonly notes: string;
}

const STEP_MS = 4 * 60_000;

/** The steps as they were done, one after the other. */
function stepsOf({ damage: stored, option, done, noted = {} }: DemoRepair, from: number) {
  const damage = damageFrom(stored);
  if (damage === undefined) throw new RangeError(`the scenario mends an unknown thread`);
  const { steps } = repairWork(damage, { option });
  return steps.slice(0, done ?? steps.length).map(({ code }, i): StepRecord => ({
    code,
    at: new Date(from + i * STEP_MS).toISOString(),
    note: noted[code] ?? "",
    skipped: false,
    felt: [],
  }));
}

/** Stores a repair through the same checks and the same saving as a client's request. @returns when its last step was done */
export async function seedRepair(
  store: Store,
  machineId: string,
  repair: DemoRepair,
  random: SeededRandom,
  from: number,
): Promise<number> {
  const { position, damage, option, used, outcome, notes } = repair;
  const done = stepsOf(repair, from);
  const input = repairInputSchema.parse({
    machineId,
    position,
    record: { damage, choice: { option }, done, former: [], used, outcome, notes },
    takenAt: new Date(from).toISOString(),
  });
  const at = from + done.length * STEP_MS;
  const saved = await saveRepair(store, random.uuid(), input, new Date(at));
  // One that an older demo has otherwise, or that somebody has gone on with, is left as it is.
  if (saved.kind === "no-machine") throw new Error(`the repair of ${position} was not stored`);
  return at;
}
