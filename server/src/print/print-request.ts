import type { Circumstances, Units } from "@root-gauge/core";

/** A sheet to be printed, as it is handed to the worker. */
export interface PrintRequest {
  /** A call-out that was read as a screw. */
  readonly callout: string;
  readonly circumstances: Circumstances;
  readonly units: Units;
  /** The machine and the place on it; may be empty. */
  readonly title: string;
  readonly printedOn: Date;
}

/** What comes back: the bytes of the PDF, or what failed. */
export type PrintAnswer =
  | { readonly id: number; readonly pdf: Uint8Array }
  | { readonly id: number; readonly fault: string };
