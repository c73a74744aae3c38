import type { ApiErrorCode } from "@root-gauge/contract";
import {
  isCalloutProblem,
  parseCallout,
  type FastenerSpec,
  type OwnWord,
} from "@root-gauge/core/callout";
import { calloutProblemWords } from "@root-gauge/core/say/sheet";
import { ApiFailure } from "./api-failure";

/**
 * Reads a call-out that a client sent.
 * @param words the shop's own words
 * @throws ApiFailure with the sentence that says what was not understood
 */
export function checkedCallout(
  text: string,
  words: readonly OwnWord[],
  path: string,
  code: ApiErrorCode,
): FastenerSpec {
  const read = parseCallout(text, words);
  if (!isCalloutProblem(read)) return read;
  const message = calloutProblemWords(read);
  throw new ApiFailure(code, message, [{ path, message }]);
}
