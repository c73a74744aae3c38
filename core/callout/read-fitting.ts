import type { CalloutProblem, FastenerSpec, FittingEnds } from "./fastener-spec";
import { FITTING_PHRASES } from "./phrases";
import { partOfThread, takeMade, type Pieces } from "./pieces";

const ENDS: Readonly<Record<FittingEnds, RegExp>> = {
  male: /(?<![\w/])(?:male|m\/m)(?![\w/])/i,
  female: /(?<![\w/])(?:female|f\/f)(?![\w/])/i,
};

/** Reads a fitting of a pipe: its kind, its thread, and whether that is outside or inside. */
export function readFitting(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
  const style = remaining.takePhrase(FITTING_PHRASES) ?? "nipple";
  const ends = (Object.keys(ENDS) as FittingEnds[]).find(
    (one) => remaining.take(ENDS[one]) !== undefined,
  );
  const made = takeMade(pieces);
  return partOfThread(
    pieces,
    (threaded) => ({
      part: "fitting",
      style,
      ...threaded,
      ...made,
      ...(ends === undefined ? {} : { ends }),
    }),
    () => false,
  );
}
