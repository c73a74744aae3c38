export interface Mutex {
  /** Resolves when it is this caller's turn, in the order of asking. */
  lock(): Promise<void>;
  unlock(): void;
}

/**
 * One at a time, first come first served. Whoever is next begins in a task of its own: what comes in from elsewhere is
 * answered between two that write.
 */
export function createMutex(): Mutex {
  const waiting: (() => void)[] = [];
  let held = false;
  return {
    lock: () => {
      if (!held) {
        held = true;
        return Promise.resolve();
      }
      return new Promise((resolve) => waiting.push(resolve));
    },
    unlock: () => {
      const next = waiting.shift();
      if (next === undefined) held = false;
      else setImmediate(next);
    },
  };
}
