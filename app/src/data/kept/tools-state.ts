import { ownedToolsSchema } from "@root-gauge/contract";
import {
  DRILL_SETS,
  drillsOf,
  type Drill,
  type DrillSet,
  type OwnedTools,
} from "@root-gauge/core/mend/holes";
import { TAPS, type Tap } from "@root-gauge/core/decide/joints";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";
import { storage } from "./text-storage";

const setsSchema = z.object({ drillSets: z.array(z.enum(DRILL_SETS)) });

/** Sets that were once said in Charts, before there was one list of tools. */
function setsSaidBefore(): OwnedTools | undefined {
  try {
    const said = setsSchema.safeParse(JSON.parse(storage.getItem("rg.charts") ?? "null"));
    return said.success ? { drillSets: said.data.drillSets } : undefined;
  } catch {
    return undefined;
  }
}

const KEY = "rg.tools";

const useToolsStore = createKeptStore<OwnedTools>({
  key: KEY,
  schema: ownedToolsSchema as z.ZodMiniType<OwnedTools>,
  initial: () => ({}),
});

const before = storage.getItem(KEY) === null ? setsSaidBefore() : undefined;
if (before !== undefined) useToolsStore.setState(before);

/** The tools of the workshop, as far as they were said; what was not said counts as owned. */
export function useTools(): OwnedTools {
  return useToolsStore();
}

function change(part: Partial<OwnedTools>): void {
  useToolsStore.setState(part);
}

/** Whole sets on or off; what is lost of a set is remembered. */
export function setDrillSets(drillSets: readonly DrillSet[]): void {
  change({ drillSets });
}

/** Strikes a drill out of its set, or puts it back. */
export function toggleDrill({ set, mark }: Drill): void {
  const { missing = [] } = useToolsStore.getState();
  const isIt = (one: { set: DrillSet; mark: string }) => one.set === set && one.mark === mark;
  change({
    missing: missing.some(isIt) ? missing.filter((one) => !isIt(one)) : [...missing, { set, mark }],
  });
}

/** Adds a loose drill, or takes it away again. */
export function toggleLooseDrill(drill: Drill): void {
  const { extra = [] } = useToolsStore.getState();
  const others = extra.filter(({ set, mark }) => set !== drill.set || mark !== drill.mark);
  change({ extra: others.length < extra.length ? others : [...others, drill] });
}

export function setTaps(taps: readonly Tap[]): void {
  change({ taps: TAPS.filter((tap) => taps.includes(tap)) });
}

export function setMachine(machine: OwnedTools["machine"]): void {
  change({ machine });
}

export type TapKind = "tapThreads" | "stiThreads";

/** Says for which threads there are taps, or insert taps; undefined: for all. */
export function setTapThreads(kind: TapKind, ids: readonly string[] | undefined): void {
  change({ [kind]: ids });
}

/** The drill of any set that is called so: "8.5", "27/64", "no. 7", "letter F". */
export function drillNamed(text: string): Drill | undefined {
  const mark = text
    .trim()
    .replace(/^(no\.?|#|letter)\s*/i, "")
    .toUpperCase();
  return drillsOf(DRILL_SETS).find((drill) => drill.mark.toUpperCase() === mark);
}
