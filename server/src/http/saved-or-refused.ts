import type { SavedUnderMachine } from "../store/settle-place";
import { ApiFailure, changedElsewhere } from "./api-failure";

/**
 * What was saved under a machine, to be answered with.
 * @throws ApiFailure where there is no such machine, or another device has changed it since
 */
export function savedOrRefused<Record>(
  saved: SavedUnderMachine<Record>,
  what: "part" | "repair",
): Record {
  switch (saved.kind) {
    case "saved":
      return saved.record;
    case "conflict":
      throw changedElsewhere(what);
    case "no-machine":
      throw new ApiFailure(
        "machine-not-found",
        "The machine it belongs to is not here. Save the machine first.",
      );
  }
}
