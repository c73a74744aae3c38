import { damageFrom, repairWork, type RepairOutcome, type RepairRecord } from "../../mend/repair";
import { threadName } from "../../catalogue/threads";
import { repairTitleWords } from "./option-words";
import { refusalWords } from "./refusal-words";

export const OUTCOME_CHOICES = [
  { value: "holds", label: "It holds" },
  { value: "watch", label: "Holds, to be watched" },
  { value: "failed", label: "It did not hold" },
] as const satisfies readonly { value: RepairOutcome; label: string }[];

const OUTCOME_WORDS = Object.fromEntries(
  OUTCOME_CHOICES.map(({ value, label }) => [value, label]),
) as Readonly<Record<RepairOutcome, string>>;

/** How far a repair has come: "Step 7 of 15", "It holds". */
export function progressWords(outcome: RepairOutcome | null, done: number, of: number): string {
  return outcome === null ? `Half done: ${done} of ${of} steps` : OUTCOME_WORDS[outcome];
}

/** What a stored repair comes to, worked out anew from its damage. */
export interface RepairSummary {
  readonly thread: string;
  /** "Wire insert, 1.5 D", "New hole". */
  readonly title: string;
  readonly steps: number;
  /** Why it may not be done, where it may not. */
  readonly refused?: string;
}

/** @returns undefined where a thread of it is not held */
export function repairSummary({
  damage: stored,
  choice,
}: Pick<RepairRecord, "damage" | "choice">): RepairSummary | undefined {
  const damage = damageFrom(stored);
  if (damage === undefined) return undefined;
  const { problems, lost, chosen, tapping, steps } = repairWork(damage, choice);
  const [problem] = problems;
  const [reason] = lost?.reasons ?? [];
  const cannot = tapping?.kind === "cannot" ? tapping.problem : undefined;
  const refusal = problem ?? cannot ?? (reason?.code === "refused" ? reason.refusal : undefined);
  return {
    thread: threadName(damage.thread),
    title: chosen === undefined ? "New hole" : repairTitleWords(chosen),
    steps: steps.length,
    ...(refusal === undefined ? {} : { refused: refusalWords(refusal, "mm") }),
  };
}

/** A time that is left: "1:59:30", "9:05". */
export function clockWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const two = (figure: number) => String(figure).padStart(2, "0");
  const rest = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${rest}` : `${minutes}:${rest}`;
}

/** A plan that was left half done. */
export function halfDoneWords(done: number): string {
  return `${done} ${done === 1 ? "step is" : "steps are"} done.`;
}
