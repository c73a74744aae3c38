import { positionIdSchema, type Position } from "@root-gauge/contract";
import type { Store } from "../store/database";
import { findPosition } from "../store/positions";
import { ApiFailure, checked } from "./api-failure";

/**
 * The position that an address names.
 * @throws ApiFailure where it names none
 */
export async function positionAt(store: Store, text: string | undefined): Promise<Position> {
  const id = checked(positionIdSchema, text, "invalid-id");
  const position = await findPosition(store, id);
  if (position === undefined) {
    throw new ApiFailure("position-not-found", "There is no such position.");
  }
  return position;
}
