import type { Mm } from "../units";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import { stiSizes, wireInsert } from "./wire-insert";

/** The widest cut of a repair, and how deep it goes where that is not the hole's own depth. */
export interface RepairCut {
  readonly diameterMm: Mm;
  readonly depthMm?: Mm;
}

/** What a repair cuts away; undefined where it cuts nothing. */
export function cutOf({ kind, thread, lengthInDiameters }: RepairOption): RepairCut | undefined {
  switch (kind) {
    case "wire-insert": {
      const made = wireInsert(thread, lengthInDiameters ?? 1);
      return {
        diameterMm: stiSizes(thread).major,
        ...(made === undefined ? {} : { depthMm: made.fullThreadMm }),
      };
    }
    case "solid-bush":
    case "plug-and-redrill": {
      const made = solidBush(thread);
      return made === undefined ? undefined : { diameterMm: made.outer.majorMm };
    }
    case "oversize":
      return { diameterMm: thread.majorMm };
    default:
      return undefined;
  }
}
