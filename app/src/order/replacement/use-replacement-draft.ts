import type { Replacement } from "@root-gauge/contract";
import {
  USUAL_CIRCUMSTANCES,
  isAcknowledged,
  type Circumstances,
} from "@root-gauge/core/catalogue/circumstances";
import { isCalloutProblem } from "@root-gauge/core/callout";
import { calloutProblemWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import type { DraftField } from "../../data/kept/draft-fields";
import { useDrafts, writeDraft } from "../../data/drafts/drafts";
import { useOwnWords } from "../../data/record/own-words";
import { circumstancesOf } from "../../shell/sheet-address";
import { readCallout } from "../callout/read-callout";

type Part = "callout" | "duty" | "environment" | "metal" | "surface" | "acknowledgedAt";
type Fields = Readonly<Record<Part, DraftField>>;

/** Where what goes in is typed while a part is written up. */
const WRITE_UP_FIELDS: Fields = {
  callout: "out.callout",
  duty: "out.duty",
  environment: "out.environment",
  metal: "out.metal",
  surface: "out.surface",
  acknowledgedAt: "out.acknowledged",
};

/** The same while a stored part is changed. */
export const EDIT_FIELDS: Fields = {
  callout: "edit.callout",
  duty: "edit.duty",
  environment: "edit.environment",
  metal: "edit.metal",
  surface: "edit.surface",
  acknowledgedAt: "edit.acknowledged",
};

export const SPEC_DRAFTS = Object.values(EDIT_FIELDS);

/** What goes in, as it is being said: over what is stored, over what the readings come to. */
export interface ReplacementDraft {
  readonly callout: string;
  readonly circumstances: Circumstances;
  readonly acknowledgedAt: string | null;
  /** Why it cannot be saved as it stands. */
  readonly problem: string | undefined;
  setCallout(text: string): void;
  setCircumstances(value: Circumstances): void;
  acknowledge(): void;
}

/** The draft of what goes in, kept over a reload with the other drafts of the bench. */
export function useReplacementDraft(
  stored: Replacement | null,
  derived: string,
  fields: Fields = WRITE_UP_FIELDS,
): ReplacementDraft {
  const drafts = useDrafts(Object.values(fields));
  const write = (part: Part, text: string) => writeDraft(fields[part], text);
  const base = stored?.circumstances ?? USUAL_CIRCUMSTANCES;
  const given = (part: Part) => drafts[fields[part]] || undefined;
  const circumstances = circumstancesOf({
    duty: given("duty") ?? base.duty,
    environment: given("environment") ?? base.environment,
    metal: given("metal") ?? base.metal,
    surface: given("surface") ?? base.surface,
  });
  const callout = drafts[fields.callout] ?? stored?.callout ?? derived;
  const acknowledgedAt = given("acknowledgedAt") ?? stored?.acknowledgedAt ?? null;
  const words = useOwnWords();
  const read = readCallout(callout, words);
  const unread =
    callout.trim() !== "" && isCalloutProblem(read) ? calloutProblemWords(read) : undefined;
  const unacknowledged =
    callout.trim() !== "" && !isAcknowledged(circumstances, acknowledgedAt)
      ? SHEET_SENTENCES.readJointCaution
      : undefined;
  return {
    callout,
    circumstances,
    acknowledgedAt,
    problem: unread ?? unacknowledged,
    setCallout: (text) => write("callout", text),
    setCircumstances: (value) => {
      write("duty", value.duty);
      write("environment", value.environment);
      write("metal", value.metal);
    },
    acknowledge: () => write("acknowledgedAt", new Date().toISOString()),
  };
}

/** What is saved of it; nothing when no call-out was left in the field. */
export function replacementOf(draft: ReplacementDraft): Replacement | null {
  const { callout, circumstances, acknowledgedAt } = draft;
  return callout.trim() === "" ? null : { callout: callout.trim(), circumstances, acknowledgedAt };
}
