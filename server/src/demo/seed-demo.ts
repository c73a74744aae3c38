import {
  identificationInputSchema,
  machineInputSchema,
  positionInputSchema,
  type Replacement,
} from "@root-gauge/contract";
import { needsAcknowledgement } from "@root-gauge/core/catalogue/circumstances";
import { isSameName, namesOfPath } from "@root-gauge/core/record";
import type { Store } from "../store/database";
import { saveIdentification } from "../store/identifications";
import { placesOf } from "../store/machine-places";
import { saveMachine } from "../store/machines";
import { savePosition } from "../store/positions";
import { drawReadings } from "./draw-readings";
import { seededRandom, type SeededRandom } from "./random";
import { seedRepair } from "./repairs";
import type { PictureFolder } from "../pictures/picture-folder";
import { MORE_PLACES } from "./scenario-places";
import { placeIds, seedStates, seedWorks } from "./seed-works";
import { REPAIRS } from "./scenario-repairs";
import { OSIER_LANE_PRINT_WORKS, type DemoFastener } from "./scenario";

const SEED = 1968;
const FIRST_READING = Date.UTC(2026, 2, 2, 8, 30);
const MINUTE_MS = 60_000;
/** When the machines were gone over before. */
const EARLIER = [Date.UTC(2024, 2, 4, 9), Date.UTC(2025, 2, 3, 9)];

/** What goes in, its caution acknowledged when it was written up. */
function replacementOf({ goesIn }: DemoFastener, at: Date): Replacement | null {
  if (goesIn === undefined) return null;
  const { callout, duty = "ordinary", metal = "steel" } = goesIn;
  const circumstances = { duty, metal, environment: "indoor" } as const;
  const acknowledgedAt = needsAcknowledgement(circumstances) ? at.toISOString() : null;
  return { callout, circumstances, acknowledgedAt };
}

/** The places of a machine as positions, each made once and where there is none, so that what is found at them lands there. */
async function seedPlaces(
  store: Store,
  machineId: string,
  places: readonly string[],
  random: SeededRandom,
  at: Date,
): Promise<void> {
  const there = [...(await placesOf(store, machineId)).values()];
  const made = new Map<string, string>();
  for (const place of places) {
    let parentId: string | null = null;
    let path = "";
    for (const name of namesOfPath(place)) {
      path = path === "" ? name : `${path} / ${name}`;
      const within: string | null = parentId;
      const stored = there.find((one) => one.parentId === within && isSameName(one.name, name));
      const drawn = made.has(path) ? undefined : random.uuid();
      const id: string = made.get(path) ?? stored?.id ?? drawn ?? "";
      if (!made.has(path) && stored === undefined) {
        const input = positionInputSchema.parse({ machineId, parentId, name, rank: made.size });
        await savePosition(store, id, input, at);
      }
      made.set(path, id);
      parentId = id;
    }
  }
}

/** What was found of a fastener, as it is sent. */
function findingOf(machineId: string, fastener: DemoFastener, random: SeededRandom, at: Date) {
  return identificationInputSchema.parse({
    machineId,
    position: fastener.position,
    readings: drawReadings(fastener, random),
    options: fastener.part === undefined ? {} : { part: fastener.part },
    notes: fastener.notes,
    takenAt: at.toISOString(),
  });
}

/** The same fasteners as they were read at the services of the years before, what went in not said. */
async function seedEarlier(
  store: Store,
  machineId: string,
  fasteners: readonly DemoFastener[],
  random: SeededRandom,
): Promise<void> {
  for (const service of EARLIER) {
    for (const [i, fastener] of fasteners.entries()) {
      const at = new Date(service + i * 9 * MINUTE_MS);
      const input = findingOf(machineId, { ...fastener, notes: "" }, random, at);
      await saveIdentification(store, random.uuid(), input, at);
    }
  }
}

/**
 * Fills a store with the demo scenario through the same checks and the same saving as a client's requests.
 * The same each time, ids and times included, so doing it twice changes nothing.
 * @param pictures where its photographs go; without it none is taken
 */
export async function seedDemo(store: Store, pictures?: PictureFolder): Promise<void> {
  const random = seededRandom(SEED);
  // Drawn apart, so that the readings stay what they were.
  const mended = seededRandom(SEED + 1);
  const placed = seededRandom(SEED + 2);
  const more = seededRandom(SEED + 3);
  const worked = seededRandom(SEED + 4);
  const machines = new Map<string, string>();
  let at = FIRST_READING;
  const found = async (
    machineId: string,
    fasteners: readonly DemoFastener[],
    drawn: SeededRandom,
  ) => {
    for (const fastener of fasteners) {
      at += (4 + Math.floor(drawn.even() * 9)) * MINUTE_MS;
      const now = new Date(at);
      const input = findingOf(machineId, fastener, drawn, now);
      const replacement = replacementOf(fastener, now);
      await saveIdentification(store, drawn.uuid(), { ...input, replacement }, now);
    }
  };
  for (const { name, origin, year, stands, fasteners } of OSIER_LANE_PRINT_WORKS) {
    const machineId = random.uuid();
    machines.set(name, machineId);
    const machine = machineInputSchema.parse({ name, origin, year, stands });
    await saveMachine(store, machineId, machine, new Date(at));
    const repairs = REPAIRS[name] ?? [];
    const further = MORE_PLACES[name] ?? [];
    const places = [...fasteners, ...repairs, ...further].map(({ position }) => position);
    await seedPlaces(store, machineId, places, placed, new Date(at));
    await seedEarlier(store, machineId, [...fasteners, ...further], more);
    await found(machineId, fasteners, random);
    for (const repair of repairs) {
      at = await seedRepair(store, machineId, repair, mended, at);
    }
    await found(machineId, further, more);
  }
  const ids = await placeIds(store, machines);
  for (const [name, further] of Object.entries(MORE_PLACES)) {
    await seedStates(store, ids, name, further, new Date(at));
  }
  await seedWorks(store, ids, worked, new Date(at), pictures);
}
