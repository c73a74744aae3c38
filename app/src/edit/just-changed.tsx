import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { useJustChanged } from "../data/server/arrivals";
import { Label } from "../kit/text";

/** Says for a moment that another device has just changed this. */
export function JustChanged({ id }: { id: string }) {
  if (!useJustChanged(id)) return null;
  return (
    <Label role="status" color="$ink">
      {RECORD_SENTENCES.justChanged}
    </Label>
  );
}
