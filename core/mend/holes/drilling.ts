import { mmFromInches, type Mm } from "../../measure";
import { WORK_MATERIALS, type WorkMaterial } from "./work-materials";

/** How much wider than itself a twist drill cuts. */
export interface DrillOversize {
  readonly leastMm: Mm;
  readonly meanMm: Mm;
  readonly mostMm: Mm;
}

/** Least, mean and most oversize, inches: a part that is always there, and one by the diameter. */
const OVERSIZE = [
  [0.001, 0.003],
  [0.002, 0.005],
  [0.005, 0.005],
] as const;
/** Below this the rule goes down in proportion. */
const LEAST_RULED_MM: Mm = mmFromInches(1 / 8);

/**
 * How much a twist drill cuts oversize in steel and iron: the handbook rule for drills from 1/8 to 1 in, a mean of
 * practice (spread of half); under 1/8 in proportionally less. A guide or a last thin cut halves it.
 */
export function drillOversize(drillMm: Mm): DrillOversize {
  const ruled = Math.max(drillMm, LEAST_RULED_MM);
  const share = drillMm / ruled;
  const [leastMm = 0, meanMm = 0, mostMm = 0] = OVERSIZE.map(
    ([always, byDiameter]) => (mmFromInches(always) + byDiameter * ruled) * share,
  );
  return { leastMm, meanMm, mostMm };
}

export type TurnedTool = "drill" | "tap" | "countersink";

export interface SpindleRpm {
  readonly leastRpm: number;
  readonly adviceRpm: number;
  readonly mostRpm: number;
}

/** Share of the drill's speed at which a countersink does not chatter. */
const COUNTERSINK_SHARE = 1 / 3;

/** Spindle speed from the cutting speed of high-speed steel, n = 1000 v / (pi d): an estimate, by practice. */
export function spindleRpm(
  operation: TurnedTool,
  material: WorkMaterial,
  diameterMm: Mm,
): SpindleRpm {
  const { drillSpeed, tapSpeed } = WORK_MATERIALS[material];
  const share = operation === "countersink" ? COUNTERSINK_SHARE : 1;
  const rpm = (speed: number) => (1000 * speed * share) / (Math.PI * diameterMm);
  const [least, advice, most] = operation === "tap" ? tapSpeed : drillSpeed;
  return { leastRpm: rpm(least), adviceRpm: rpm(advice), mostRpm: rpm(most) };
}

/** Height of a 118 degree drill's point, as a share of its diameter. */
const POINT_SHARE = 0.3004;

/** How far the point of a twist drill goes beyond its full width. */
export function drillPointMm(drillMm: Mm): Mm {
  return POINT_SHARE * drillMm;
}
