import type { IdentificationRecord, Machine, Position, Remark, Repair } from "@root-gauge/contract";
import { countStates } from "@root-gauge/core/record";
import type { Parcel } from "./parcel";
import { positionToBe, recordToBe, remarkToBe, repairToBe } from "./record-to-be";
import { rememberedBy } from "../kept/remembered";
import { useOutbox } from "./saving";

/** A record, and whether the server has it yet. */
export type Kept<Record> = Record & { readonly waiting: boolean };

/** Those that wait here before those that are stored, each once. */
export function merged<Item extends { id: string }>(
  waiting: readonly Kept<Item>[],
  stored: readonly (Item & { readonly waiting?: boolean })[],
): Kept<Item>[] {
  const ids = new Set(waiting.map(({ id }) => id));
  return [
    ...waiting,
    ...stored.filter(({ id }) => !ids.has(id)).map((item) => ({ ...item, waiting: false })),
  ];
}

export const inLists = ({ removed }: { readonly removed: boolean }) => !removed;

/** A position that waits: where it stands is worked out beside the others of its machine. */
export type WaitingPosition = Kept<Omit<Position, "path">>;

export interface Waiting {
  readonly machines: readonly Kept<Machine>[];
  readonly positions: readonly WaitingPosition[];
  readonly identifications: readonly Kept<IdentificationRecord>[];
  readonly repairs: readonly Kept<Repair>[];
  readonly remarks: readonly Kept<Remark>[];
  /** Which place is made one with which. */
  readonly merges: ReadonlyMap<string, string>;
  /** Ids of what the server has never had. */
  readonly unsaved: ReadonlySet<string>;
}

/** What a parcel will become is worked out once: parts are identified for it. */
const recordOf = rememberedBy(recordToBe);
const repairOf = rememberedBy(repairToBe);
const positionOf = rememberedBy(positionToBe);
const remarkOf = rememberedBy(remarkToBe);

/** What waits is worked out once for each change of the box, for every hook that asks. */
const waitingOf = rememberedBy((parcels: readonly Parcel[]): Waiting => {
  const identifications = parcels.flatMap((parcel) =>
    parcel.kind === "identification" ? [{ ...recordOf(parcel), waiting: true }] : [],
  );
  const positions = parcels.flatMap((parcel) =>
    parcel.kind === "position" ? [{ ...positionOf(parcel), waiting: true }] : [],
  );
  const machines = parcels.flatMap((parcel): Kept<Machine>[] => {
    if (parcel.kind !== "machine") return [];
    const at = new Date(parcel.queuedAt).toISOString();
    const ofIt = <Of extends { machineId: string; removed: boolean }>(records: readonly Of[]) =>
      records.filter((record) => record.machineId === parcel.id && inLists(record));
    const machine = {
      ...parcel.body,
      createdAt: at,
      updatedAt: at,
      version: Math.max(1, parcel.saw),
      removed: parcel.body.removed === true,
      identifications: ofIt(identifications).length,
      states: countStates(ofIt(positions)),
    };
    return [{ ...machine, id: parcel.id, waiting: true }];
  });
  const repairs = parcels.flatMap((parcel) =>
    parcel.kind === "repair" ? [{ ...repairOf(parcel), waiting: true }] : [],
  );
  const remarks = parcels.flatMap((parcel) =>
    parcel.kind === "remark" ? [{ ...remarkOf(parcel), waiting: true }] : [],
  );
  const merges = new Map(
    parcels.flatMap(({ kind, body }) =>
      kind === "merge" ? [[body.from, body.into] as const] : [],
    ),
  );
  const unsaved = new Set(parcels.filter(({ saw }) => saw === 0).map(({ id }) => id));
  return { machines, positions, identifications, repairs, remarks, merges, unsaved };
});

/** What waits here, as it will be; and what has arrived, until it is shown as the server has it. */
export function useWaiting(): Waiting {
  return waitingOf(useOutbox().shown);
}
