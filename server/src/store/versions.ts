import type { Write } from "@root-gauge/contract";

/** What a stored row says of its last writing. */
export interface Written {
  readonly version: number;
  readonly device: string;
}

/**
 * Whether a write may take the place of a row: it has seen its newest version, or the same device wrote that one, which
 * sends its own changes in order.
 */
export function maySave(existing: Written | undefined, { device, saw }: Write): boolean {
  if (existing === undefined || existing.version === saw) return true;
  return device !== undefined && existing.device === device;
}

/** What the row says after this writing. */
export function wroteBy(existing: Written | undefined, { device }: Write): Written {
  return { version: (existing?.version ?? 0) + 1, device: device ?? "" };
}
