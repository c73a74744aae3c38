import { BENCH_SENTENCES } from "@root-gauge/core";
import { Small } from "./text";

/** The caution every sheet carries. */
export function ThreadCaution() {
  return (
    <Small fontSize="$detail" lineHeight="$detail">
      {BENCH_SENTENCES.caution}
    </Small>
  );
}
