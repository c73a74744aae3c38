import { randomUUID } from "node:crypto";
import { readdir } from "node:fs/promises";
import { setTimeout as pause } from "node:timers/promises";
import { seededRandom } from "@root-gauge/core/random";
import { decode, encode } from "jpeg-js";
import { put } from "../support/put";
import type { TestServer } from "../support/server";

const CLIENTS = 6;
const SIDE = 64;
const AT = "2026-03-02T08:30:00.000Z";
const MACHINE = "1b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const POSITION = "2b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";

/** What was sent and acknowledged: a note, and the shade of its photograph where it has one. */
interface Acknowledged {
  readonly id: string;
  readonly shade: number | undefined;
}

/** What came of killing a server again and again while photographs were saved. */
export interface Killed {
  readonly acknowledged: number;
  readonly photographs: number;
  /** What was acknowledged and is not there, or not as it was sent. */
  readonly lost: readonly string[];
  /** What lay in the folder of photographs after a start and should not. */
  readonly leftOver: readonly string[];
}

/** A photograph of one shade of grey. */
function photograph(shade: number): string {
  const data = Buffer.alloc(SIDE * SIDE * 4, shade);
  return encode({ data, width: SIDE, height: SIDE }, 90).data.toString("base64");
}

/** Saves notes, every other with a photograph, until the server is gone. */
async function saveUntilKilled(
  server: TestServer,
  random: () => number,
  on: (saved: Acknowledged) => void,
): Promise<void> {
  for (let at = 0; ; at += 1) {
    const id = randomUUID();
    const shade = at % 2 === 0 ? 20 + Math.floor(200 * random()) : undefined;
    const note = { positionId: POSITION, text: `Note ${at}`, takenAt: AT };
    const picture = shade === undefined ? {} : { picture: photograph(shade) };
    try {
      await put(server, `/remarks/${id}`, { ...note, ...picture });
      on({ id, shade });
    } catch {
      return;
    }
  }
}

/** Whether a note is there as it was sent, with its whole photograph. */
async function isThere(server: TestServer, { id, shade }: Acknowledged): Promise<boolean> {
  const note = await fetch(`${server.address}/api/remarks/${id}`);
  if (!note.ok) return false;
  const { picture } = (await note.json()) as { picture: { bytes: number } | null };
  if (shade === undefined) return picture === null;
  const file = await fetch(`${server.address}/api/remarks/${id}/picture`);
  const bytes = Buffer.from(await file.arrayBuffer());
  if (!file.ok || picture?.bytes !== bytes.length) return false;
  const { width, data } = decode(bytes);
  return width === SIDE && Math.abs((data[0] ?? 0) - shade) <= 2;
}

/** What lies in the folder of photographs that no note names, or that was never finished. */
async function leftOvers(server: TestServer): Promise<readonly string[]> {
  const names = await readdir(`${server.databaseFile}.pictures`);
  const files = names.filter((name) => name !== "aside");
  const wrong = await Promise.all(
    files.map(async (name) => {
      const note = await fetch(`${server.address}/api/remarks/${name.replace(/\.jpg$/, "")}`);
      const { picture } = note.ok ? ((await note.json()) as { picture: object | null }) : {};
      return name.endsWith(".jpg") && picture ? [] : [name];
    }),
  );
  return wrong.flat();
}

/**
 * Kills a server again and again, some time after it acknowledged a first note with a photograph, and looks each time what
 * it has after its next start.
 * @param onCycle told after each, counted from 1
 */
export async function killCycles(
  server: TestServer,
  cycles: number,
  seed: number,
  onCycle: (cycle: number) => void = () => undefined,
): Promise<Killed> {
  const random = seededRandom(seed);
  await put(server, `/machines/${MACHINE}`, { name: "Kestrel cylinder proofer" });
  await put(server, `/positions/${POSITION}`, { machineId: MACHINE, name: "Side cover" });
  const all: Acknowledged[] = [];
  const lost: string[] = [];
  const leftOver: string[] = [];
  for (let cycle = 1; cycle <= cycles; cycle += 1) {
    const saved: Acknowledged[] = [];
    const first = new Promise<void>((resolve) => {
      const clients = Array.from({ length: CLIENTS }, () =>
        saveUntilKilled(
          server,
          () => random.even(),
          (one) => {
            saved.push(one);
            resolve();
          },
        ),
      );
      void Promise.all(clients).then(() => resolve());
    });
    await first;
    await pause(250 * random.even());
    await server.kill();
    await server.start();
    for (const one of saved) if (!(await isThere(server, one))) lost.push(one.id);
    leftOver.push(...(await leftOvers(server)));
    all.push(...saved);
    onCycle(cycle);
  }
  // What was there after its own cycle is there after all the others.
  for (const one of all) if (!(await isThere(server, one))) lost.push(one.id);
  const photographs = all.filter(({ shade }) => shade !== undefined).length;
  return { acknowledged: all.length, photographs, lost, leftOver };
}
