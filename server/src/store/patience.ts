import { setTimeout as pause } from "node:timers/promises";

/** Another program held the database for longer than is waited. Nothing was stored. */
export class StoreBusy extends Error {
  override readonly name = "StoreBusy";

  constructor(cause: unknown) {
    super("another program holds the database", { cause });
  }
}

/** What SQLite calls a file, and a table, that somebody else holds. */
const LOCKED: readonly unknown[] = [5, 6];

/** Whether SQLite says that somebody else holds the file, rather than that something is wrong. */
function isLocked(error: unknown): boolean {
  const { errcode } = Object(error) as { readonly errcode?: unknown };
  // What more there is to say of it stands in the higher bits.
  return typeof errcode === "number" && LOCKED.includes(errcode & 0xff);
}

const FIRST_PAUSE_MS = 15;
const LONGEST_PAUSE_MS = 200;

export interface Patience {
  /**
   * Tries until the lock is free, giving the process back between attempts.
   * @throws StoreBusy when it was not free for as long as is waited; any other error at once
   */
  untilFree<Result>(attempt: () => Result): Promise<Result>;
}

/** @param mostMs how long a lock is waited for, from when it was first met: those who queue do not wait anew each. */
export function createPatience(mostMs: number): Patience {
  let busySince = 0;
  let lastBusy = -Infinity;
  return {
    untilFree: async (attempt) => {
      for (let pauseMs = FIRST_PAUSE_MS; ; pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS)) {
        try {
          return attempt();
        } catch (error) {
          if (!isLocked(error)) throw error;
          const now = performance.now();
          // A lock that nobody met for a while is another one.
          if (now - lastBusy > 2 * LONGEST_PAUSE_MS) busySince = now;
          lastBusy = now;
          if (now - busySince > mostMs) throw new StoreBusy(error);
        }
        await pause(pauseMs);
      }
    },
  };
}
