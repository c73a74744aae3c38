import { gradesFor, type Grade } from "../../catalogue/grades";
import type { Thread } from "../../catalogue/threads";
import { boltLoads } from "./loads";

/** A class, and the load a thread of it may be used to: proof load, of yield where the class has no proof load. */
export interface ClassLoad {
  readonly grade: Grade;
  readonly newtons: number;
}

/**
 * The loads of a thread in every class of one standard, the weakest first. Classes of one strength are one, as A1-70 to
 * A5-70 are; the class asked for stands for those that hold the same.
 */
export function classLoads(thread: Thread, asked: Grade): readonly ClassLoad[] {
  const loads = gradesFor(thread)
    .filter(({ standard }) => standard === asked.standard)
    .map((grade): ClassLoad => {
      const held = boltLoads(thread, grade);
      return { grade, newtons: held?.proofN ?? held?.yieldN ?? 0 };
    })
    .filter(({ newtons }) => newtons > 0)
    .sort((one, other) => one.newtons - other.newtons);
  const own = loads.find(({ grade }) => grade.id === asked.id);
  return loads.filter(
    (load, at) =>
      load === own ||
      (load.newtons !== own?.newtons &&
        loads.findIndex(({ newtons }) => newtons === load.newtons) === at),
  );
}
