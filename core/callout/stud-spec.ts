import type { ScrewSpec, StudEnd } from "./fastener-spec";

const firstEnd = ({ thread, toleranceClass, threadMm, goes }: ScrewSpec): StudEnd => ({
  thread,
  ...(toleranceClass === undefined ? {} : { toleranceClass }),
  ...(threadMm === undefined ? {} : { threadMm }),
  ...(goes === undefined ? {} : { goes }),
});

/** The ends of a stud that are said one by one, the first as it was written; the one thread of any other screw. */
export function studEndsOf(spec: ScrewSpec): readonly StudEnd[] {
  const first = firstEnd(spec);
  return spec.otherEnd === undefined ? [first] : [first, spec.otherEnd];
}

/** The same stud with its other end said first; undefined of a screw whose ends are not said one by one. */
export function turnedRound(spec: ScrewSpec): ScrewSpec | undefined {
  const { otherEnd, toleranceClass: _class, threadMm: _far, goes: _goes, ...screw } = spec;
  return otherEnd && { ...screw, ...otherEnd, otherEnd: firstEnd(spec) };
}

/** The screw as it is at one of its ends, which has the thread of that end at both. */
export function atEnd(spec: ScrewSpec, { thread }: StudEnd): ScrewSpec {
  const { otherEnd: _other, goes: _goes, threadMm: _threadMm, ...screw } = spec;
  return { ...screw, thread };
}

const goesTo = (ends: readonly StudEnd[], wanted: StudEnd["goes"], other: StudEnd["goes"]) =>
  ends.find(({ goes }) => goes === wanted) ?? ends.find(({ goes }) => goes !== other) ?? ends[0];

/** The end that takes the nut: as it was said, else the first that is not said to go in. */
export function nutEnd(spec: ScrewSpec): StudEnd {
  return goesTo(studEndsOf(spec), "under-nut", "in-hole") ?? firstEnd(spec);
}

/** The end that goes in: as it was said, else the last that is not said to take a nut. */
export function holeEnd(spec: ScrewSpec): StudEnd {
  return goesTo([...studEndsOf(spec)].reverse(), "in-hole", "under-nut") ?? firstEnd(spec);
}
