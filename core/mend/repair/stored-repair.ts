import { inHand } from "../../catalogue/threads";
import type { Damage } from "./damage";
import { anyThreadById } from "./odd-thread";
import type { RepairChoice } from "./repair-work";
import type { StepCode, StepFeel } from "./steps";

/** A damage as it is stored: threads by their ids. */
export type StoredDamage = Omit<Damage, "thread" | "male"> & {
  readonly threadId: string;
  readonly maleId?: string;
  /** Left where the thread is; a right-hand one says nothing. */
  readonly hand?: "left";
};

export function storedDamage({ thread, male, ...rest }: Damage): StoredDamage {
  return {
    ...rest,
    threadId: thread.id,
    ...(male === undefined ? {} : { maleId: male.id }),
    ...(thread.hand === "left" ? { hand: "left" } : {}),
  };
}

/** The damage that was stored; undefined where a thread of it is not held. */
export function damageFrom({ threadId, maleId, hand, ...rest }: StoredDamage): Damage | undefined {
  const held = anyThreadById(threadId);
  const thread = held === undefined ? undefined : inHand(held, hand ?? held.hand);
  const male = maleId === undefined ? undefined : anyThreadById(maleId);
  if (thread === undefined || (maleId !== undefined && male === undefined)) return undefined;
  return { ...rest, thread, ...(male === undefined ? {} : { male }) };
}

/** How a repair was at its end. */
export const REPAIR_OUTCOMES = ["holds", "watch", "failed"] as const;

export type RepairOutcome = (typeof REPAIR_OUTCOMES)[number];

/** A step as it was done: when, with what note, what it felt like, or skipped for the reason in the note. */
export interface StepRecord {
  readonly code: StepCode;
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly note: string;
  readonly skipped: boolean;
  readonly felt: readonly StepFeel[];
}

/** A repair that was begun and given up for another. */
interface FormerRepair {
  readonly option: string;
  readonly done: readonly StepRecord[];
}

/** What was done of a repair, as it is stored beside its damage. */
export interface RepairRecord {
  readonly damage: StoredDamage;
  readonly choice: RepairChoice;
  readonly done: readonly StepRecord[];
  readonly former: readonly FormerRepair[];
  /** What was really used. */
  readonly used: string;
  /** Null while it is half done. */
  readonly outcome: RepairOutcome | null;
  readonly notes: string;
}
