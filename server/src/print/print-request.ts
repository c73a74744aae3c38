import type { KeptLine } from "@root-gauge/contract";
import type { Units } from "@root-gauge/core";
import type { Circumstances, Duty } from "@root-gauge/core/catalogue/circumstances";
import type { OrderRule } from "@root-gauge/core/decide/order";
import type { RepairRecord } from "@root-gauge/core/mend/repair";

interface Printed {
  readonly units: Units;
  /** The machine and the place on it; may be empty. */
  readonly title: string;
  readonly printedOn: Date;
}

/** A fastener sheet to be printed, as it is handed to the worker. */
export interface SheetRequest extends Printed {
  readonly kind: "fastener-sheet";
  /** A call-out that was read as a screw. */
  readonly callout: string;
  readonly circumstances: Circumstances;
}

/** A work plan to be printed. */
export interface PlanRequest extends Printed {
  readonly kind: "work-plan";
  /** Of a damage whose thread is held. */
  readonly record: RepairRecord;
}

/** An order to be printed. */
export interface OrderRequest {
  readonly kind: "order";
  readonly title: string;
  readonly lines: readonly KeptLine[];
  readonly rule: OrderRule;
  readonly notes: string;
  /** Where each position is and what hangs on its joint, by its id. */
  readonly places: ReadonlyMap<string, { readonly where: string; readonly duty: Duty }>;
  readonly printedOn: Date;
}

export type PrintRequest = SheetRequest | PlanRequest | OrderRequest;

/** What comes back: the bytes of the PDF, or what failed. */
export type PrintAnswer = { readonly pdf: Uint8Array } | { readonly fault: string };
