import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { encode } from "jpeg-js";
import type { MachineInput } from "@root-gauge/contract";
import { startServer, type RunningServer } from "./start-server";

/** A machine of which no more is known than its name, and where it is from. */
export function machineNamed(name: string, origin = ""): MachineInput {
  return { name, origin, year: null, stands: "", notes: "" };
}

/** A repair of which no more is known than its damage. */
export const REPAIR_BEGUN = {
  damage: {
    symptom: "strips",
    part: "hole",
    threadId: "iso-m8x1.25",
    material: "aluminium-cast",
    hole: "through",
    depthMm: 20,
    duty: "ordinary",
    often: false,
  },
  choice: {},
  done: [],
  former: [],
  used: "",
  outcome: null,
  notes: "",
};

/** A JPEG of so many points, its colours running from corner to corner. */
export function paintedPicture(width: number, height: number): Buffer {
  const data = Buffer.alloc(width * height * 4);
  for (let at = 0; at < width * height; at += 1) {
    data.set([at % 256, (at >> 4) % 256, 90, 255], at * 4);
  }
  return encode({ data, width, height }, 80).data;
}

/** A folder that goes away after the test. */
export function temporaryFolder(): { readonly folder: string; remove(): void } {
  const folder = mkdtempSync(path.join(os.tmpdir(), "root-gauge-"));
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

/** The real server on a free port and a database of its own. */
export function startForTest(folder: string, port = 0): Promise<RunningServer> {
  return startServer({
    host: "127.0.0.1",
    port,
    databaseFile: path.join(folder, "test.db"),
    webRoot: path.join(folder, "web"),
    printFonts: path.resolve("server/src/print/fonts"),
    logLevel: "silent",
    caliper: "simulated",
    supplier: "simulated",
    supplierMoods: ["well"],
    hostNames: [],
  });
}

/** A server that the tests of a file ask. */
interface ServerForTests {
  readonly folder: string;
  address(): string;
  /** Saves something at an address under /api. */
  put(address: string, body: unknown): Promise<Response>;
  get(address: string): Promise<Response>;
}

/** A server for all tests of a file, with a page of the app to serve: started before the first, stopped after the last. */
export function serverForTests(): ServerForTests {
  const temporary = temporaryFolder();
  let server: RunningServer | undefined;
  beforeAll(async () => {
    mkdirSync(path.join(temporary.folder, "web"), { recursive: true });
    writeFileSync(path.join(temporary.folder, "web", "index.html"), "<title>app</title>");
    server = await startForTest(temporary.folder);
  });
  afterAll(async () => {
    await server?.stop();
    temporary.remove();
  });
  const address = () => server?.address ?? "";
  return {
    folder: temporary.folder,
    address,
    put: (at, body) =>
      fetch(`${address()}/api${at}`, {
        method: "PUT",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(body),
      }),
    get: (at) => fetch(`${address()}/api${at}`),
  };
}
