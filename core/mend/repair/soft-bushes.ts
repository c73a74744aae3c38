import { firstOf, nearestWall, wallParts, type Attempt } from "./attempt-parts";
import { isCut, plainHole } from "./cut-hole";
import type { Damage } from "./damage";
import { drillToSet } from "./drill-to-set";
import type { RepairRefusal } from "./refusal";
import { TAKES_SELF_CUTTING, heatSetInsert, selfCuttingBush } from "./set-nuts";

/** The hole of a set part is so much of what it cuts or melts its way into. */
const OUTSIDE_SHARE = 1.12;
/** How long such a part usually is, and how short it is made, in diameters of its screw. */
const USUAL_DIAMETERS = 1.5;
const LEAST_DIAMETERS = 1;

/** A bush that holds in soft material by itself: melted in, or cutting its own thread. What it holds is in its maker's sheet. */
export function softBushAttempt(kind: "heat-set" | "self-cutting-bush", damage: Damage): Attempt {
  const { thread, material } = damage;
  const heat = kind === "heat-set";
  const tool = heat ? "heat-set-insert" : "self-cutting-bush";
  const fits = heat ? material === "plastic" : TAKES_SELF_CUTTING.has(material);
  const left: RepairRefusal | undefined =
    thread.hand === "left" ? { code: "no-left-hand" } : undefined;
  const metal: RepairRefusal | undefined = fits ? undefined : { code: "not-for-metal" };
  const made = (heat ? heatSetInsert : selfCuttingBush)(thread);
  const needs = [
    { tool, thread },
    { tool: "screw", thread },
  ] as const;
  if (made === undefined) {
    return { kind, thread, needs, refusal: left ?? metal ?? { code: "no-size-made" } };
  }
  const { drill, problem } = drillToSet(made.holeMm, damage);
  const walls = wallParts(nearestWall(damage, thread.majorMm, OUTSIDE_SHARE * made.holeMm));
  const hole =
    drill === undefined
      ? undefined
      : plainHole(
          damage,
          drill,
          USUAL_DIAMETERS * thread.majorMm,
          LEAST_DIAMETERS * thread.majorMm,
        );
  const cut = hole !== undefined && isCut(hole) ? hole : undefined;
  return {
    kind,
    thread,
    ...(drill === undefined ? {} : { drill }),
    ...(cut === undefined ? {} : { cut }),
    needs: [
      ...needs,
      ...(drill === undefined ? [] : [{ tool: "drill", thread, drill, owned: true } as const]),
    ],
    ...walls,
    ...firstOf(
      left,
      metal,
      problem,
      hole === undefined || isCut(hole) ? undefined : hole,
      walls.refusal,
    ),
  };
}
