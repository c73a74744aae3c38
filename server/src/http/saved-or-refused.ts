import type { SavedUnderJob } from "../store/under-job";
import { ApiFailure, changedElsewhere } from "./api-failure";

/**
 * What was saved under a job, to be answered with.
 * @throws ApiFailure where there is no such job, or another device has changed it since
 */
export function savedOrRefused<Record>(
  saved: SavedUnderJob<Record>,
  what: "part" | "repair",
): Record {
  switch (saved.kind) {
    case "saved":
      return saved.record;
    case "conflict":
      throw changedElsewhere(what);
    case "no-job":
      throw new ApiFailure(
        "job-not-found",
        "The job it belongs to is not here. Save the job first.",
      );
  }
}
