import { type Units } from "@root-gauge/core";
import {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  TIGHTENING_SURFACES,
  USUAL_CIRCUMSTANCES,
  type Circumstances,
} from "@root-gauge/core/catalogue/circumstances";

/** What the address of a fastener's sheet carries. */
export interface SheetParams {
  readonly callout?: string;
  readonly duty?: string;
  readonly environment?: string;
  readonly metal?: string;
  readonly surface?: string;
  /** The stored part it goes in for. */
  readonly record?: string;
}

const oneOf = <Value extends string>(values: readonly Value[], text: string | undefined) =>
  values.find((value) => value === text);

/** The joint's circumstances in an address; the usual ones where it says nothing sensible. */
export function circumstancesOf(params: SheetParams): Circumstances {
  const surface = oneOf(TIGHTENING_SURFACES, params.surface);
  return {
    ...(surface === undefined ? {} : { surface }),
    duty: oneOf(DUTIES, params.duty) ?? USUAL_CIRCUMSTANCES.duty,
    environment: oneOf(ENVIRONMENTS, params.environment) ?? USUAL_CIRCUMSTANCES.environment,
    metal: oneOf(PART_METALS, params.metal) ?? USUAL_CIRCUMSTANCES.metal,
  };
}

/** The address of a sheet: what it says and where the joint is, so that it can be shared and reloaded. */
export function sheetPath(
  callout: string,
  circumstances: Circumstances = USUAL_CIRCUMSTANCES,
  record?: string,
): `/fastener?${string}` {
  const query = new URLSearchParams({ callout });
  if (circumstances.duty !== USUAL_CIRCUMSTANCES.duty) query.set("duty", circumstances.duty);
  if (circumstances.environment !== USUAL_CIRCUMSTANCES.environment) {
    query.set("environment", circumstances.environment);
  }
  if (circumstances.metal !== USUAL_CIRCUMSTANCES.metal) query.set("metal", circumstances.metal);
  if (circumstances.surface !== undefined) query.set("surface", circumstances.surface);
  if (record !== undefined) query.set("record", record);
  return `/fastener?${query.toString()}`;
}

/** Where the server prints the same sheet. */
export function pdfPath(
  callout: string,
  circumstances: Circumstances,
  units: Units,
  title: string,
): string {
  const { surface, ...place } = circumstances;
  const query = new URLSearchParams({ callout, ...place, units, title });
  if (surface !== undefined) query.set("surface", surface);
  return `/api/fastener-sheet.pdf?${query.toString()}`;
}
