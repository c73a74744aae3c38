import {
  jobInputSchema,
  orderInputSchema,
  positionInputSchema,
  remarkInputSchema,
} from "@root-gauge/contract";
import { pathTo, type PositionState } from "@root-gauge/core/record";
import { cleanJpeg } from "../pictures/clean-jpeg";
import type { PictureFolder } from "../pictures/picture-folder";
import type { Store } from "../store/database";
import { saveJob } from "../store/jobs";
import { placesOf } from "../store/machine-places";
import { saveOrder } from "../store/orders";
import { findPosition, savePosition } from "../store/positions";
import { hasPicture, saveRemark } from "../store/remarks";
import { paintPicture } from "./paint-picture";
import type { SeededRandom } from "./random";
import type { DemoFastener } from "./scenario";
import { JOBS, ORDERS, REMARKS } from "./scenario-works";

/** The positions of the scenario's machines by machine and path. */
export type PlaceIds = ReadonlyMap<string, string>;

const keyOf = (machine: string, position: string) => `${machine}: ${position}`;

/** Where each position of these machines is. */
export async function placeIds(
  store: Store,
  machines: ReadonlyMap<string, string>,
): Promise<PlaceIds> {
  const ids = new Map<string, string>();
  for (const [name, machineId] of machines) {
    const places = await placesOf(store, machineId);
    for (const id of places.keys()) ids.set(keyOf(name, pathTo(id, places)), id);
  }
  return ids;
}

function idAt(ids: PlaceIds, machine: string, position: string): string {
  const id = ids.get(keyOf(machine, position));
  if (id === undefined) throw new RangeError(`the scenario names no place ${position}`);
  return id;
}

/** How the positions of what was just found stand; those that somebody has moved on are left as they are. */
const JUST_FOUND: readonly PositionState[] = ["to-identify", "identified"];

/** How many alike there are, and how each stands after what was found. */
export async function seedStates(
  store: Store,
  ids: PlaceIds,
  machine: string,
  fasteners: readonly DemoFastener[],
  at: Date,
): Promise<void> {
  for (const { position: path, alike, state } of fasteners) {
    const id = idAt(ids, machine, path);
    const position = await findPosition(store, id);
    if (position === undefined || (alike === undefined && state === undefined)) continue;
    if (!JUST_FOUND.includes(position.state)) continue;
    const { machineId, parentId, name, rank, spec, notes } = position;
    const input = positionInputSchema.parse({
      ...{ machineId, parentId, name, rank, spec, notes },
      alike: alike ?? position.alike,
      state: state ?? position.state,
    });
    await savePosition(store, id, input, at, { saw: position.version, who: "Fitter 1" });
  }
}

async function seedRemarks(
  store: Store,
  ids: PlaceIds,
  random: SeededRandom,
  at: Date,
  pictures: PictureFolder | undefined,
): Promise<void> {
  for (const [i, { machine, position, text, who, picture }] of REMARKS.entries()) {
    const id = random.uuid();
    const input = remarkInputSchema.parse({
      positionId: idAt(ids, machine, position),
      text,
      takenAt: new Date(at.getTime() + i * 7 * 60_000).toISOString(),
    });
    const wanted =
      picture !== undefined && pictures !== undefined && !(await hasPicture(store, id));
    const painted = wanted ? cleanJpeg(paintPicture({ ...picture, seed: i + 5 })) : undefined;
    if (painted !== undefined) await pictures?.keep(id, painted.bytes);
    await saveRemark(store, id, input, painted, at, { saw: 0, who });
  }
}

/** What is noted and photographed, the jobs and the orders of the works. Without a folder nothing is photographed. */
export async function seedWorks(
  store: Store,
  ids: PlaceIds,
  random: SeededRandom,
  at: Date,
  pictures?: PictureFolder,
): Promise<void> {
  await seedRemarks(store, ids, random, at, pictures);
  const idsOf = (places: readonly (readonly [string, string])[]) =>
    places.map(([machine, position]) => idAt(ids, machine, position));
  for (const { places, ...job } of JOBS) {
    const input = jobInputSchema.parse({ ...job, positions: idsOf(places) });
    await saveJob(store, random.uuid(), input, at);
  }
  for (const { lines, ...order } of ORDERS) {
    const input = orderInputSchema.parse({
      ...order,
      lines: lines.map(({ places, ...line }) => ({
        ...line,
        id: random.uuid(),
        positions: idsOf(places),
      })),
    });
    await saveOrder(store, random.uuid(), input, at);
  }
}
