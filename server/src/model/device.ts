import { randomUUID } from "node:crypto";

/** A record as a screen has it. */
export interface Shown {
  readonly version: number;
  readonly fields: Readonly<Record<string, unknown>>;
}

/** A change that waits on a device. */
export interface Waiting {
  readonly id: string;
  /** The version that was on the screen when the first change of it began. */
  readonly saw: number;
  readonly fields: Readonly<Record<string, unknown>>;
  /** How they stood on the screen then. */
  readonly from: Readonly<Record<string, unknown>>;
  readonly touched: ReadonlySet<string>;
}

/** What a server makes of a change: its version, or that it was told no. */
export type Answer =
  { readonly kind: "acknowledged"; readonly version: number } | { readonly kind: "told" };

/** A change that a server has acknowledged. */
export interface Acknowledged extends Waiting {
  readonly device: string;
  readonly version: number;
}

/** A phone in a workshop: what it shows, and what waits on it while it is offline. Written from what a person does, not from the app. */
export class Device {
  readonly id = randomUUID();
  readonly #shown = new Map<string, Shown>();
  readonly #waiting = new Map<string, Waiting>();
  readonly acknowledged: Acknowledged[] = [];

  show(id: string, shown: Shown): void {
    if (!this.#waiting.has(id)) this.#shown.set(id, shown);
  }

  shown(id: string): Shown | undefined {
    return this.#shown.get(id);
  }

  /** Changes some fields of what is on the screen; several changes of one record wait as one. */
  change(id: string, change: Readonly<Record<string, unknown>>): void {
    const shown = this.#shown.get(id);
    if (shown === undefined) return;
    const fields = { ...shown.fields, ...change };
    const before = this.#waiting.get(id);
    this.#shown.set(id, { ...shown, fields });
    this.#waiting.set(id, {
      id,
      saw: before?.saw ?? shown.version,
      fields,
      from: before?.from ?? shown.fields,
      touched: new Set([...(before?.touched ?? []), ...Object.keys(change)]),
    });
  }

  /**
   * Sends what waits.
   * @param lost the answer to the first is lost on the way: it is sent again the next time
   */
  async deliver(send: (change: Waiting) => Promise<Answer>, lost: boolean): Promise<void> {
    let isLost = lost;
    for (const change of [...this.#waiting.values()]) {
      const answer = await send(change);
      if (isLost) {
        isLost = false;
        continue;
      }
      this.#waiting.delete(change.id);
      // It looks at the record again before it changes more of it.
      this.#shown.delete(change.id);
      if (answer.kind === "acknowledged") {
        this.acknowledged.push({ ...change, device: this.id, version: answer.version });
      }
    }
  }
}
