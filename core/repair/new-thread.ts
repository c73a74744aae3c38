import { chartDrill, ownsStiTap, stripLoadN, type RepairProblem } from "../holes";
import type { Thread } from "../threads";
import type { Mm } from "../units";
import { firstOf, holdParts, nearestWall, tapFor, wallParts, type Attempt } from "./attempt-parts";
import { boreOf, boss, soundHoldN, wantedLoadN, type Damage } from "./damage";
import type { RepairRefusal } from "./refusal";
import { solidBush, widestBoreForBush } from "./solid-bush";
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

const tooShallow = (needsMm: Mm, hasMm: Mm): RepairProblem => ({
  code: "too-shallow",
  needsMm,
  hasMm,
});

/** No insert: none is made for the thread, or no drill on hand leads its tap. */
function noInsert(thread: Thread): RepairRefusal {
  const minor = stiMinor(thread);
  const { drill } = wireInsert(thread, INSERT_LENGTHS[0]) ?? {};
  if (minor === undefined || drill === undefined) return { code: "none-made" };
  return { code: "no-insert-drill", leastMm: minor.min, mostMm: minor.max, buy: drill };
}

/** The shortest insert that fits and holds what is wanted and what the sound hole held; else the longest that fits. */
export function wireInsertAttempt(damage: Damage): Attempt {
  const { thread, material, hole, depthMm, tools } = damage;
  const kind = "wire-insert";
  const hold = (length: number) =>
    stripLoadN(thread, material, length * thread.majorMm - thread.pitchMm, {
      ...boss(damage),
      wireInsert: true,
    });
  const fitting = INSERT_LENGTHS.filter(
    (length) => leastDepthForInsert(thread, length, hole) <= depthMm + 1e-9,
  );
  const enough = Math.max(wantedLoadN(damage), soundHoldN(damage));
  const length = fitting.find((one) => hold(one) >= enough) ?? fitting.at(-1);
  const made = wireInsert(thread, length ?? 1, "second", tools);
  if (made === undefined) return { kind, thread, needs: [], refusal: noInsert(thread) };
  const mostMm = widestBoreForInsert(thread);
  const boreMm = boreOf(damage);
  const walls = wallParts(nearestWall(damage, thread.majorMm, stiSizes(thread).major));
  const held: Pick<Attempt, "holdN" | "refusal"> =
    length === undefined ? {} : holdParts(damage, hold(length));
  const shallow =
    length === undefined
      ? tooShallow(leastDepthForInsert(thread, INSERT_LENGTHS[0], hole), depthMm)
      : undefined;
  const torn: RepairRefusal | undefined =
    boreMm > mostMm ? { code: "bore-too-big", boreMm, mostMm } : undefined;
  const lengthInDiameters = length ?? INSERT_LENGTHS[0];
  return {
    kind,
    thread,
    lengthInDiameters,
    drill: made.drill,
    needs: [
      { tool: "insert-tap", thread, owned: ownsStiTap(thread, tools) },
      { tool: "insert", thread, lengthInDiameters },
      { tool: "drill", thread, drill: made.drill, owned: true },
    ],
    ...walls,
    ...held,
    ...firstOf(torn, shallow, walls.refusal, held.refusal),
  };
}

/** A solid bush in a larger thread. */
export function bushAttempt(damage: Damage): Attempt {
  const { thread, material, hole, depthMm } = damage;
  const kind = "solid-bush";
  const made = solidBush(thread);
  if (made === undefined) return { kind, thread, needs: [], refusal: { code: "none-made" } };
  const { outer, drill } = made;
  const full = hole === "blind" ? depthMm - 3 * outer.pitchMm : depthMm;
  const leastMm = LEAST_BUSH_DIAMETERS * thread.majorMm;
  const overMm = Math.min(full, BUSH_DIAMETERS * thread.majorMm);
  const held = holdParts(damage, stripLoadN(outer, material, overMm, boss(damage)));
  const walls = wallParts(nearestWall(damage, thread.majorMm, outer.majorMm));
  const mostMm = widestBoreForBush(outer);
  const boreMm = boreOf(damage);
  return {
    kind,
    thread,
    drill,
    needs: [tapFor(outer, damage), { tool: "bush", thread }, { tool: "drill", thread, drill }],
    ...walls,
    ...held,
    ...firstOf(
      boreMm > mostMm ? { code: "bore-too-big", boreMm, mostMm } : undefined,
      full < leastMm ? tooShallow(leastMm + depthMm - full, depthMm) : undefined,
      walls.refusal,
      held.refusal,
    ),
  };
}

/** A threaded plug in its place, drilled and tapped afresh. */
export function plugAttempt(damage: Damage): Attempt {
  const { thread } = damage;
  const made = solidBush(thread);
  if (made === undefined) {
    return { kind: "plug-and-redrill", thread, needs: [], refusal: { code: "none-made" } };
  }
  const walls = wallParts(nearestWall(damage, thread.majorMm, made.outer.majorMm));
  return {
    kind: "plug-and-redrill",
    thread,
    drill: chartDrill(thread).drill,
    needs: [
      tapFor(made.outer, damage),
      { tool: "plug", thread: made.outer },
      tapFor(thread, damage),
    ],
    ...walls,
  };
}
