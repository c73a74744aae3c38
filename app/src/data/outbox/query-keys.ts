import type { MachinesQuery } from "@root-gauge/contract";
import type { FoundAt, WantedOf } from "../server/api";
import type { Parcel } from "./parcel";

/** In which order machines are listed, and which of them. */
export type MachinesBy = Pick<MachinesQuery, "sort" | "state">;

const placeOf = (at: FoundAt) =>
  "machineId" in at ? [at.machineId, at.placed ?? "all"] : [at.positionId, "all"];

/** What each answer of the server is kept under. A list of machines, one machine, its name, one part: a change touches its own. */
export const QUERY_KEYS = {
  machines: ["machines"] as const,
  /** Sorted otherwise than usual, or only those with a position in a state. */
  machinesBy: ({ sort, state }: MachinesBy) => ["machines", "by", sort, state ?? "all"] as const,
  machineSearch: (text: string) => ["search", "machines", text] as const,
  machine: (id: string) => ["machine", id] as const,
  machineName: (id: string) => ["machine-name", id] as const,
  positions: (machineId: string) => ["positions", machineId] as const,
  toOrder: ({ machine, job }: WantedOf) => ["to-order", machine ?? job ?? "all"] as const,
  position: (id: string) => ["position", id] as const,
  findings: (at: FoundAt) => ["findings", ...placeOf(at)] as const,
  jobs: ["jobs"] as const,
  job: (id: string) => ["job", id] as const,
  orders: ["orders"] as const,
  order: (id: string) => ["order", id] as const,
  remarks: (positionId: string) => ["remarks", positionId] as const,
  changes: (positionId: string) => ["changes", positionId] as const,
  identification: (id: string) => ["identification", id] as const,
  repairs: (at: FoundAt) => ["repairs", ...placeOf(at)] as const,
  repair: (id: string) => ["repair", id] as const,
  search: (text: string) => ["search", "positions", text] as const,
  /** What the server has of a record that waits here. */
  stored: (kind: string, id: string) => ["stored", kind, id] as const,
  removed: ["removed"] as const,
  words: ["words"] as const,
  met: ["met"] as const,
  metOnMachine: (machineId: string, without: string | undefined) =>
    ["met", machineId, without ?? ""] as const,
};

/** The answers that a save changes. */
export function keysOf(
  parcel: Pick<Parcel, "kind" | "id" | "body">,
): readonly (readonly string[])[] {
  if (parcel.kind === "word") return [QUERY_KEYS.words];
  if (parcel.kind === "job") return [QUERY_KEYS.jobs, QUERY_KEYS.job(parcel.id), ["to-order"]];
  if (parcel.kind === "order") return [QUERY_KEYS.orders, QUERY_KEYS.order(parcel.id)];
  if (parcel.kind === "remark") {
    const { positionId } = parcel.body as { positionId: string };
    return [
      QUERY_KEYS.remarks(positionId),
      QUERY_KEYS.changes(positionId),
      QUERY_KEYS.machines,
      ["search"],
    ];
  }
  const { machines } = QUERY_KEYS;
  if (parcel.kind === "machine") {
    return [machines, ["search"], QUERY_KEYS.machine(parcel.id), QUERY_KEYS.machineName(parcel.id)];
  }
  const { machineId } = parcel.body as { machineId: string };
  const ofMachine = [
    machines,
    ["search"],
    QUERY_KEYS.machine(machineId),
    QUERY_KEYS.positions(machineId),
  ];
  // It may have stood elsewhere before, and a place may be made for it: what is shown of all places is asked for again.
  const ofJobs = [["jobs"], ["job"], ["orders"], ["order"]];
  const ofPlaces = [...ofMachine, ...ofJobs, ["position"], ["changes"], ["to-order"]];
  switch (parcel.kind) {
    case "position":
      return [...ofPlaces, ["findings"], ["repairs"]];
    case "merge":
      return [...ofPlaces, ["findings"], ["repairs"], ["remarks"]];
    case "repair":
      return [...ofPlaces, ["repairs"], QUERY_KEYS.repair(parcel.id)];
    default:
      return [...ofPlaces, ["findings"], QUERY_KEYS.identification(parcel.id), QUERY_KEYS.met];
  }
}
