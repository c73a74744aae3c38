import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { Small } from "./text";

/** The caution every sheet carries. */
export function ThreadCaution() {
  return (
    <Small fontSize="$detail" lineHeight="$detail">
      {PANEL_SENTENCES.caution}
    </Small>
  );
}
