import { BENCH_SENTENCES } from "@root-gauge/core";
import { Small } from "./text";

/** The caution every sheet carries. */
export function ThreadCaution() {
  return (
    <Small fontSize={15} lineHeight={20}>
      {BENCH_SENTENCES.caution}
    </Small>
  );
}
