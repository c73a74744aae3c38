import { common, contradicting, definedAs, finished } from "./pieces";
import { PLUG_KINDS } from "./kinds";
import { madeSaid, sameFinish } from "./made-said";
import {
  PLACES_OF_ALL,
  kindsOf,
  leftOut,
  readWithOf,
  refused,
  sizeProblem,
  styled,
  withoutPlace,
} from "./part-said";
import { sizeTextOf, threadIn, type Said } from "./said";
import { AGAINST, type Reading } from "./weigh";

/** Reads a plug for a threaded hole out of what is said of it. */
export function plugOf(read: string, said: Said): Reading {
  const early = refused(read, said);
  if (early !== undefined) return early;
  const readWith = readWithOf(read, said);
  const sized = threadIn(sizeTextOf(said, readWith), said, { pipe: true });
  const defined = definedAs(readWith, "plug")?.drive;
  const look = styled(said, PLUG_KINDS, "unsaid", defined);
  const drive = look.style === "unsaid" ? undefined : look.style;
  const { made, unplaced } = madeSaid(said);
  // A plug for a parallel thread has no taper.
  const isTaper = sized.kind !== "found" || sized.thread.family === "pipe-taper";
  const tapers = kindsOf(said).filter(({ kind }) => kind === "taper" && !isTaper);
  const extra = [
    ...withoutPlace(said, PLACES_OF_ALL, sameFinish),
    ...unplaced,
    ...tapers.map(({ item }) => item),
  ];
  const { unknown, against } = leftOut(said, look, extra);
  if (sized.kind !== "found") {
    const { result, cost } = sizeProblem(read, sized, unknown);
    return { result, cost: cost + against };
  }
  const left = [
    ...(sized.after === "" ? [] : [sized.after]),
    ...contradicting(
      readWith,
      (means) => means.part === "plug" && (means.drive === undefined || means.drive === drive),
    ),
  ];
  const spec = {
    part: "plug",
    ...common(readWith, sized),
    ...made,
    ...(drive === undefined ? {} : { drive }),
  } as const;
  return {
    result: finished(readWith, spec, [...unknown, ...left]),
    cost: against + left.length * AGAINST.unplaced,
  };
}
