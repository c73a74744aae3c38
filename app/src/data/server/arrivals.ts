import {
  eventListSchema,
  recordEventSchema,
  type RecordEvent,
  type RecordKind,
} from "@root-gauge/contract";
import type { QueryKey } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { deviceId } from "../kept/device";
import { queryClient } from "./query-client";
import { followWhileSeen } from "./shared-stream";

/** What came: which records were changed, up to which event. */
interface Arrived {
  readonly events: readonly RecordEvent[];
  readonly last: number;
  /** Whether more was changed than is told. */
  readonly more: boolean;
}

const SHARED = "rg.events";
const STREAM = "/api/events";
/** A stream that has not begun by then is held back by something between: the server is asked now and then instead. */
const BEGINS_MS = 10_000;
const ASKED_EVERY_MS = 3_000;
/** How long something that came is marked, ms. */
const MARKED_MS = 4_000;

/** The last event that this tab knows of. */
let last: number | undefined;

const address = (path: string) => (last === undefined ? path : `${path}?after=${last}`);

const idOf = ({ lastEventId }: MessageEvent) => Number(lastEventId) || 0;

function eventsIn(message: MessageEvent<string>): Arrived {
  try {
    const read = recordEventSchema.safeParse(JSON.parse(message.data));
    return { events: read.success ? [read.data] : [], last: idOf(message), more: false };
  } catch {
    return { events: [], last: idOf(message), more: false };
  }
}

/** Follows the stream; resolves where it cannot be followed, or it was told to stop. */
function followStream(tell: (arrived: Arrived) => void, stop: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const source = new EventSource(address(STREAM));
    const end = () => {
      source.close();
      clearTimeout(begins);
      resolve();
    };
    const begins = setTimeout(end, BEGINS_MS);
    source.addEventListener("here", (message: MessageEvent<string>) => {
      clearTimeout(begins);
      tell({ events: [], last: idOf(message), more: false });
    });
    source.addEventListener("change", (message: MessageEvent<string>) => tell(eventsIn(message)));
    source.addEventListener("all", (message: MessageEvent<string>) =>
      tell({ events: [], last: idOf(message), more: true }),
    );
    // One that was only cut off begins again by itself, where it ended.
    source.onerror = () => source.readyState === EventSource.CLOSED && end();
    stop.addEventListener("abort", end);
  });
}

/** Asks what has come, now and then, until told to stop. */
function askNowAndThen(tell: (arrived: Arrived) => void, stop: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const ask = async () => {
      try {
        const answer = await fetch(address(`${STREAM}/since`), { signal: stop });
        const read = eventListSchema.safeParse(await answer.json());
        if (read.success) tell(read.data);
      } catch {
        // Away: it is asked again.
      }
    };
    const timer = setInterval(() => void ask(), ASKED_EVERY_MS);
    stop.addEventListener("abort", () => {
      clearInterval(timer);
      resolve();
    });
  });
}

async function read(tell: (arrived: Arrived) => void, stop: AbortSignal): Promise<void> {
  await followStream(tell, stop);
  if (!stop.aborted) await askNowAndThen(tell, stop);
}

/** The answers that a place changes, and whatever is found, mended or noted at one. */
const OF_PLACES = [
  "machines",
  "machine",
  "positions",
  "position",
  "to-order",
  "jobs",
  "job",
  "order",
  "search",
  "changes",
] as const;

/** The answers that are asked for anew when a record of a kind was changed, by the first word of their keys. */
const TOUCHED: Readonly<Record<RecordKind, readonly string[]>> = {
  machine: ["machines", "machine", "machine-name", "search", "changes", "removed"],
  position: [...OF_PLACES, "findings", "repairs", "removed"],
  identification: [...OF_PLACES, "findings", "identification", "met", "removed"],
  repair: [...OF_PLACES, "repairs", "repair", "removed"],
  remark: ["remarks", "search", "changes", "removed"],
  job: ["jobs", "job", "to-order", "changes", "removed"],
  order: ["orders", "order", "changes", "removed"],
  line: ["orders", "order", "changes"],
  word: ["words", "removed"],
};

const marked = new Set<string>();
const readers = new Set<() => void>();
const redraw = () => readers.forEach((reader) => reader());

function mark(ids: readonly string[]): void {
  for (const id of ids) marked.add(id);
  redraw();
  setTimeout(() => {
    for (const id of ids) marked.delete(id);
    redraw();
  }, MARKED_MS);
}

/** Asks anew for what another device changed of what is shown; what is typed stays as it is. */
function take(arrived: Arrived): void {
  last = Math.max(last ?? 0, arrived.last);
  if (arrived.more) return void queryClient.invalidateQueries();
  const others = arrived.events.filter(({ device }) => device !== deviceId());
  if (others.length === 0) return;
  const touched = new Set<unknown>(others.flatMap(({ kind }) => TOUCHED[kind]));
  const records = new Set<unknown>(others.map(({ record }) => record));
  const isTouched = ([first, , third]: QueryKey) =>
    touched.has(first) || (first === "stored" && records.has(third));
  void queryClient.invalidateQueries({ predicate: ({ queryKey }) => isTouched(queryKey) });
  mark(others.map(({ record }) => record));
}

/** Keeps what is shown as the server has it. Used once, at the top. */
export function useArrivals(): void {
  useEffect(() => followWhileSeen(SHARED, read, take), []);
}

/** Whether another device has just changed this. */
export function useJustChanged(id: string): boolean {
  return useSyncExternalStore(
    (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    () => marked.has(id),
    () => false,
  );
}
