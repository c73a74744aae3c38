import { calledScrew, formatCallout } from "@root-gauge/core/callout";
import { ownWords } from "../../data/record/own-words";
import { sheetPath } from "../../shell/sheet-address";

/** The address of the sheet that a text orders; undefined for a mere thread, or for what is none. */
export function orderedPath(text: string): ReturnType<typeof sheetPath> | undefined {
  const called = calledScrew(text, ownWords());
  return called === undefined ? undefined : sheetPath(formatCallout(called));
}
