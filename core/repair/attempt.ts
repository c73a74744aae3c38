import {
  chartDrill,
  ownsStiTap,
  ownsTap,
  stripLoadN,
  type Drill,
  type RepairProblem,
} from "../holes";
import { bandAt, gradeById } from "../grades";
import type { Thread } from "../threads";
import type { Mm } from "../units";
import {
  boss,
  engagementOf,
  fullDepthMm,
  soundHoldN,
  soundShareOf,
  wantedLoadN,
  widestBoreMm,
  type Damage,
} from "./damage";
import { oversizeThreads } from "./oversize";
import type { RepairKind } from "./repair-kinds";
import type { RepairRefusal, WallPlace } from "./refusal";
import { solidBush, widestBoreForBush } from "./solid-bush";
import { wallCheck, type WallCheck } from "./walls";
import {
  INSERT_LENGTHS,
  leastDepthForInsert,
  stiSizes,
  widestBoreForInsert,
  wireInsert,
} from "./wire-insert";

/** A tool or part that a repair takes, and whether it is on hand. */
export interface RepairTool {
  readonly tool:
    | "tap"
    | "insert-tap"
    | "insert"
    | "bush"
    | "drill"
    | "chaser"
    | "thread-file"
    | "die"
    | "longer-screw"
    | "screw"
    | "extractor"
    | "nut"
    | "stud"
    | "sealant"
    | "plug";
  readonly thread: Thread;
  readonly drill?: Drill;
  readonly lengthInDiameters?: number;
  /** Undefined for what no list of tools says. */
  readonly owned?: boolean;
}

/** A repair tried on a damage: what it would come to, and what stands against it. */
export interface Attempt {
  readonly kind: RepairKind;
  readonly thread: Thread;
  readonly lengthInDiameters?: number;
  readonly drill?: Drill;
  readonly wall?: WallCheck;
  readonly holdN?: number;
  readonly torqueRatio?: number;
  readonly needs: readonly RepairTool[];
  readonly refusal?: RepairRefusal;
}

const LEAST_SOUND = 0.75;
const LEAST_SOUND_RETAP = 0.5;
/** Sound thread below the old one that a longer screw must find, in diameters. */
const LEAST_BELOW = 0.3;
const LEAST_BUSH_DIAMETERS = 1;
const BUSH_DIAMETERS = 1.5;
const HARD_MPA = 1000;

interface NearestWall {
  readonly wall: WallCheck;
  readonly at: WallPlace;
}

/** The thinnest of the walls that are known, once so much is cut. */
function nearestWall(damage: Damage, majorMm: Mm, cutMm: Mm): NearestWall | undefined {
  const { material, edgeMm, neighbourMm, bossMm } = damage;
  const places = [
    ["edge", edgeMm],
    ["neighbour", neighbourMm],
    ["boss", bossMm === undefined ? undefined : bossMm / 2],
  ] as const;
  const load = { newtons: wantedLoadN(damage), engagementMm: engagementOf(damage) };
  return places
    .flatMap(([at, distanceMm]) =>
      distanceMm === undefined
        ? []
        : [{ at, wall: wallCheck(material, majorMm, cutMm, distanceMm, load) }],
    )
    .toSorted((a, b) => a.wall.leftMm - b.wall.leftMm)[0];
}

function wallParts(near: NearestWall | undefined): {
  readonly wall?: WallCheck;
  readonly refusal?: RepairRefusal;
} {
  if (near === undefined) return {};
  const { wall, at } = near;
  return wall.verdict === "too-thin"
    ? { wall, refusal: { code: "wall-too-thin", wall, at } }
    : { wall };
}

/** What is held, and the refusal where it is less than is wanted. */
function holdParts(damage: Damage, holdN: number): Pick<Attempt, "holdN" | "refusal"> {
  const wantedN = wantedLoadN(damage);
  return holdN < wantedN - 1e-6
    ? { holdN, refusal: { code: "holds-too-little", holdN, wantedN } }
    : { holdN };
}

function goneProblem(damage: Damage, least: number): RepairRefusal | undefined {
  const share = soundShareOf(damage);
  return share < least ? { code: "too-far-gone", share, least } : undefined;
}

/** The first refusal of several, the gravest first. */
const first = (...refusals: readonly (RepairRefusal | undefined)[]) => {
  const refusal = refusals.find((one) => one !== undefined);
  return refusal === undefined ? {} : { refusal };
};

const tapFor = (thread: Thread, damage: Damage): RepairTool => ({
  tool: "tap",
  thread,
  owned: ownsTap(thread, damage.tools),
});

function restoring(kind: RepairKind, damage: Damage, least: number, tool: RepairTool): Attempt {
  const { thread, material, part } = damage;
  const gone = goneProblem(damage, least);
  if (part === "screw") return { kind, thread, needs: [tool], ...first(gone) };
  const overMm = engagementOf(damage) * soundShareOf(damage);
  const held = holdParts(damage, stripLoadN(thread, material, overMm, boss(damage)));
  return { kind, thread, needs: [tool], ...held, ...first(gone, held.refusal) };
}

function longerScrew(damage: Damage): Attempt {
  const { thread, material } = damage;
  const belowMm = fullDepthMm(damage) - engagementOf(damage);
  const held = holdParts(damage, stripLoadN(thread, material, belowMm, boss(damage)));
  const short: RepairRefusal | undefined =
    belowMm < LEAST_BELOW * thread.majorMm ? { code: "nothing-below", belowMm } : undefined;
  return {
    kind: "longer-screw",
    thread,
    needs: [{ tool: "longer-screw", thread }],
    ...held,
    ...first(short, held.refusal),
  };
}

const tooShallow = (needsMm: Mm, hasMm: Mm): RepairProblem => ({
  code: "too-shallow",
  needsMm,
  hasMm,
});

/** The shortest insert that fits and holds what is wanted and what the sound hole held; else the longest that fits. */
function insert(damage: Damage): Attempt {
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
  if (made === undefined) {
    return { kind, thread, needs: [], refusal: { code: "none-made" } };
  }
  const mostMm = widestBoreForInsert(thread);
  const boreMm = widestBoreMm(damage);
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
    ...first(torn, shallow, walls.refusal, held.refusal),
  };
}

function bush(damage: Damage): Attempt {
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
  const boreMm = widestBoreMm(damage);
  return {
    kind,
    thread,
    drill,
    needs: [tapFor(outer, damage), { tool: "bush", thread }, { tool: "drill", thread, drill }],
    ...walls,
    ...held,
    ...first(
      boreMm > mostMm ? { code: "bore-too-big", boreMm, mostMm } : undefined,
      full < leastMm ? tooShallow(leastMm + depthMm - full, depthMm) : undefined,
      walls.refusal,
      held.refusal,
    ),
  };
}

const COARSE_OF = { "iso-metric": "coarse", unified: "UNC", whitworth: "BSW" } as const;

/** Larger threads for the hole: the first in the original's family and series, or its coarse one; the first of each other family where it was only too small. */
function oversizeOnes(damage: Damage): readonly Attempt[] {
  const { thread, material, tools, symptom } = damage;
  const found = oversizeThreads({
    boreMm: widestBoreMm(damage),
    original: thread,
    material,
    ...(tools === undefined ? {} : { tools }),
    most: Infinity,
  });
  const coarse = (COARSE_OF as Readonly<Record<string, string>>)[thread.family];
  const own = found.filter((one) => one.thread.family === thread.family);
  const same =
    own.find((one) => one.thread.series === thread.series) ??
    own.find((one) => one.thread.series === coarse) ??
    own[0];
  const others =
    symptom === "too-small"
      ? Object.entries(COARSE_OF).flatMap(([family, series]) => {
          const other = found.find(
            (one) => one.thread.family === family && one.thread.series === series,
          );
          return family === thread.family || other === undefined ? [] : [other];
        })
      : [];
  const chosen = [...(same === undefined ? [] : [same]), ...others];
  if (chosen.length === 0) {
    return [{ kind: "oversize", thread, needs: [], refusal: { code: "none-made" } }];
  }
  return chosen.map(({ thread: larger, drill, torqueRatio }) => {
    const overMm = Math.min(
      fullDepthMm({ ...damage, thread: larger }),
      Math.max(engagementOf(damage), larger.majorMm),
    );
    const held = holdParts(damage, stripLoadN(larger, material, overMm, boss(damage)));
    const walls = wallParts(nearestWall(damage, larger.majorMm, larger.majorMm));
    return {
      kind: "oversize",
      thread: larger,
      drill,
      needs: [
        tapFor(larger, damage),
        { tool: "drill", thread: larger, drill, owned: true },
        { tool: "screw", thread: larger },
      ],
      ...(torqueRatio === undefined ? {} : { torqueRatio }),
      ...walls,
      ...held,
      ...first(walls.refusal, held.refusal),
    };
  });
}

function plug(damage: Damage): Attempt {
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

function die(damage: Damage): Attempt {
  const { thread, gradeId } = damage;
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  const tensileMpa = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  return {
    kind: "die",
    thread,
    needs: [{ tool: "die", thread }],
    ...first(tensileMpa >= HARD_MPA ? { code: "cuts-strength", tensileMpa } : undefined),
  };
}

/** What each kind would come to on this damage: one attempt, or several of a kind. */
export function attempts(kind: RepairKind, damage: Damage): readonly Attempt[] {
  const { thread, hole, behind = false } = damage;
  switch (kind) {
    case "chase":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "chaser", thread })];
    case "file":
      return [restoring(kind, damage, LEAST_SOUND, { tool: "thread-file", thread })];
    case "retap":
      return [restoring(kind, damage, LEAST_SOUND_RETAP, tapFor(thread, damage))];
    case "longer-screw":
      return [longerScrew(damage)];
    case "wire-insert":
      return [insert(damage)];
    case "solid-bush":
      return [bush(damage)];
    case "oversize":
      return oversizeOnes(damage);
    case "plug-and-redrill":
      return [plug(damage)];
    case "die":
      return [die(damage)];
    case "build-up":
      return [{ kind, thread, needs: [], refusal: { code: "never" } }];
    case "through-bolt":
      return [
        {
          kind,
          thread,
          needs: [
            { tool: "longer-screw", thread },
            { tool: "nut", thread },
          ],
          ...first(hole === "blind" || behind ? { code: "far-side-closed" } : undefined),
        },
      ];
    case "stud":
      return [
        {
          kind,
          thread,
          needs: [
            { tool: "stud", thread },
            { tool: "nut", thread },
          ],
          ...first(goneProblem(damage, LEAST_SOUND)),
        },
      ];
    case "extract":
      return [{ kind, thread, needs: [{ tool: "extractor", thread }] }];
    case "reseal":
      return [{ kind, thread, needs: [{ tool: "sealant", thread }] }];
    case "replace-fastener":
      return [{ kind, thread, needs: [{ tool: "screw", thread }] }];
    case "replace-part":
      return [{ kind, thread, needs: [] }];
  }
}
