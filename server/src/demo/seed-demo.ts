import { identificationInputSchema, jobInputSchema, type Replacement } from "@root-gauge/contract";
import type { Store } from "../store/database";
import { saveIdentification } from "../store/identifications";
import { saveJob } from "../store/jobs";
import { drawReadings } from "./draw-readings";
import { seededRandom } from "./random";
import { seedRepair } from "./repairs";
import { REPAIRS } from "./scenario-repairs";
import { OSIER_LANE_PRINT_WORKS, type DemoFastener } from "./scenario";

const SEED = 1968;
const FIRST_READING = Date.UTC(2026, 2, 2, 8, 30);
const MINUTE_MS = 60_000;

/** What goes in, its caution acknowledged when it was written up. */
function replacementOf({ goesIn }: DemoFastener, at: Date): Replacement | null {
  if (goesIn === undefined) return null;
  const { callout, duty = "ordinary", metal = "steel" } = goesIn;
  return {
    callout,
    circumstances: { duty, metal, environment: "indoor" },
    acknowledgedAt: duty === "safety-critical" ? at.toISOString() : null,
  };
}

/**
 * Fills a store with the demo scenario through the same checks and the same saving as a client's requests.
 * The same each time, ids and times included, so doing it twice changes nothing.
 */
export async function seedDemo(store: Store): Promise<void> {
  const random = seededRandom(SEED);
  // Drawn apart, so that the readings stay what they were.
  const mended = seededRandom(SEED + 1);
  let at = FIRST_READING;
  for (const machine of OSIER_LANE_PRINT_WORKS) {
    const jobId = random.uuid();
    const job = jobInputSchema.parse({ name: machine.name, origin: machine.origin });
    await saveJob(store, jobId, job, new Date(at));
    for (const fastener of machine.fasteners) {
      at += (4 + Math.floor(random.even() * 9)) * MINUTE_MS;
      const input = identificationInputSchema.parse({
        jobId,
        position: fastener.position,
        readings: drawReadings(fastener, random),
        options: fastener.part === undefined ? {} : { part: fastener.part },
        notes: fastener.notes,
        replacement: replacementOf(fastener, new Date(at)),
        takenAt: new Date(at).toISOString(),
      });
      await saveIdentification(store, random.uuid(), input, new Date(at));
    }
    for (const repair of REPAIRS[machine.name] ?? []) {
      at = await seedRepair(store, jobId, repair, mended, at);
    }
  }
}
