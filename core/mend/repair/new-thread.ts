import { chartDrill, ownsStiTap, stripLoadN, type Drill } from "../holes";
import { isPipeThread, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { firstOf, nearestWall, tapFor, wallParts, type Attempt } from "./attempt-parts";
import { cutHole, isCut, longestThreadMm, noRoomFor, type HoleCut } from "./cut-hole";
import { boreOf, boss, engagementOf, soundHoldN, type Damage } from "./damage";
import type { RepairRefusal } from "./refusal";
import { solidBush, widestBoreForBush } from "./solid-bush";
import { wantedLoadN } from "./wanted-load";
import {
  INSERT_LENGTHS,
  leastDepthForInsert,
  stiMinor,
  stiSizes,
  widestBoreForInsert,
  wireInsert,
} from "./wire-insert";

const LEAST_BUSH_DIAMETERS = 1;
const BUSH_DIAMETERS = 1.5;

/** No insert: none is made for the thread, or no drill on hand leads its tap. */
function noInsert(thread: Thread): RepairRefusal {
  const minor = stiMinor(thread);
  const { drill } = wireInsert(thread, INSERT_LENGTHS[0]) ?? {};
  if (minor === undefined || drill === undefined) return { code: "none-made" };
  return { code: "no-insert-drill", leastMm: minor.min, mostMm: minor.max, buy: drill };
}

interface FittingInsert {
  readonly lengthInDiameters: number;
  readonly cut: HoleCut;
}

/** The lengths of insert that fit, each with its hole; shortest first. */
function fittingInserts(damage: Damage, drill: Drill): readonly FittingInsert[] {
  const { thread } = damage;
  return INSERT_LENGTHS.flatMap((lengthInDiameters) => {
    // Through, an insert may be as long as the part is thick; its pitch of full thread above that is the countersink.
    const lengthMm = lengthInDiameters * thread.majorMm;
    if (damage.hole === "through" && lengthMm > damage.depthMm + 1e-9) return [];
    const fullThreadMm =
      damage.hole === "through"
        ? Math.min(damage.depthMm, lengthMm + thread.pitchMm)
        : lengthMm + thread.pitchMm;
    const cut = cutHole(damage, { thread, fullThreadMm, drill, screw: thread });
    return isCut(cut) ? [{ lengthInDiameters, cut }] : [];
  });
}

/**
 * The shortest insert that fits and holds what is wanted and what the sound hole held; else the longest that fits. Again:
 * in the thread that the last one left, which is not cut anew.
 */
export function wireInsertAttempt(kind: "wire-insert" | "insert-again", damage: Damage): Attempt {
  const { thread, material, hole, tools, boreMm } = damage;
  if (thread.hand === "left") return { kind, thread, needs: [], refusal: { code: "no-left-hand" } };
  const made = wireInsert(thread, INSERT_LENGTHS[0], "second", tools);
  if (made === undefined) return { kind, thread, needs: [], refusal: noInsert(thread) };
  const again = kind === "insert-again";
  const hold = (length: number) =>
    stripLoadN(thread, material, length * thread.majorMm - thread.pitchMm, {
      ...boss(damage),
      wireInsert: true,
    });
  const fitting = fittingInserts(damage, made.drill);
  const enough = Math.max(wantedLoadN(damage), soundHoldN(damage));
  const taken =
    fitting.find(({ lengthInDiameters }) => hold(lengthInDiameters) >= enough) ?? fitting.at(-1);
  const lengthInDiameters = taken?.lengthInDiameters ?? INSERT_LENGTHS[0];
  const mostMm = widestBoreForInsert(thread);
  const tornMm = again ? boreMm : boreOf(damage);
  const walls = again ? {} : wallParts(nearestWall(damage, thread.majorMm, stiSizes(thread).major));
  return {
    kind,
    thread,
    lengthInDiameters,
    ...(again ? {} : { drill: made.drill, ...(taken === undefined ? {} : { cut: taken.cut }) }),
    needs: [
      ...(again ? [] : [{ tool: "insert-tap", thread, owned: ownsStiTap(thread, tools) } as const]),
      { tool: "insert", thread, lengthInDiameters },
      ...(again ? [] : [{ tool: "drill", thread, drill: made.drill, owned: true } as const]),
    ],
    ...walls,
    ...(taken === undefined ? {} : { holdN: hold(lengthInDiameters) }),
    ...firstOf(
      tornMm !== undefined && tornMm > mostMm
        ? { code: "bore-too-big", boreMm: tornMm, mostMm }
        : undefined,
      taken === undefined
        ? noRoomFor(
            damage,
            made.drill,
            leastDepthForInsert(thread, INSERT_LENGTHS[0], hole),
            thread,
          )
        : undefined,
      "refusal" in walls ? walls.refusal : undefined,
    ),
  };
}

/** The thread that a bush or a plug is screwed into, cut as long as is wanted of it and as there is room for. */
function outerCut(
  damage: Damage,
  outer: Thread,
  drill: Drill,
): { readonly cut?: HoleCut; readonly overMm: Mm; readonly refusal?: RepairRefusal } {
  const { thread } = damage;
  const leastMm = LEAST_BUSH_DIAMETERS * thread.majorMm;
  const overMm = Math.min(
    longestThreadMm(damage, drill, outer, thread),
    BUSH_DIAMETERS * thread.majorMm,
  );
  const runOutMm = damage.hole === "through" ? 0 : 3 * outer.pitchMm;
  if (overMm < leastMm - 1e-9) {
    return { overMm, refusal: noRoomFor(damage, drill, leastMm + runOutMm, thread) };
  }
  const cut = cutHole(damage, { thread: outer, fullThreadMm: overMm, drill, screw: thread });
  return isCut(cut) ? { cut, overMm } : { overMm, refusal: cut };
}

/** A solid bush in a larger thread. */
export function bushAttempt(damage: Damage): Attempt {
  const { thread, material } = damage;
  const kind = "solid-bush";
  const made = solidBush(thread);
  if (made === undefined) return { kind, thread, needs: [], refusal: { code: "none-made" } };
  const { outer, drill } = made;
  const { cut, overMm, refusal } = outerCut(damage, outer, drill);
  const walls = wallParts(nearestWall(damage, thread.majorMm, outer.majorMm));
  const mostMm = widestBoreForBush(outer);
  const boreMm = boreOf(damage);
  return {
    kind,
    thread,
    drill,
    ...(cut === undefined ? {} : { cut }),
    needs: [
      tapFor(outer, damage),
      { tool: "bush", thread: outer, inside: thread, lengthMm: overMm },
      { tool: "drill", thread, drill, owned: true },
      ...(isPipeThread(thread) ? [{ tool: "sealant", thread } as const] : []),
    ],
    ...walls,
    holdN: stripLoadN(outer, material, overMm, boss(damage)),
    ...firstOf(
      boreMm > mostMm ? { code: "bore-too-big", boreMm, mostMm } : undefined,
      refusal,
      walls.refusal,
    ),
  };
}

/** A threaded plug in its place, drilled and tapped afresh. */
export function plugAttempt(damage: Damage): Attempt {
  const { thread, material } = damage;
  const kind = "plug-and-redrill";
  const made = solidBush(thread);
  if (made === undefined || isPipeThread(thread)) {
    return { kind, thread, needs: [], refusal: { code: "none-made" } };
  }
  const { outer, drill } = made;
  const { cut, refusal } = outerCut(damage, outer, drill);
  const walls = wallParts(nearestWall(damage, thread.majorMm, outer.majorMm));
  const mostMm = widestBoreForBush(outer);
  const boreMm = boreOf(damage);
  return {
    kind,
    thread,
    drill: chartDrill(thread).drill,
    ...(cut === undefined ? {} : { cut }),
    needs: [
      tapFor(outer, damage),
      { tool: "plug", thread: outer },
      tapFor(thread, damage),
      { tool: "drill", thread, drill, owned: true },
    ],
    ...walls,
    holdN: stripLoadN(
      thread,
      material,
      Math.min(engagementOf(damage), cut?.fullThreadMm ?? 0),
      boss(damage),
    ),
    ...firstOf(
      boreMm > mostMm ? { code: "bore-too-big", boreMm, mostMm } : undefined,
      refusal,
      walls.refusal,
    ),
  };
}
