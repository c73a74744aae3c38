import { basicSizes, threadForm, type Thread } from "../../catalogue/threads";

/** Diameters nearer than this are one size, mm. */
export const SAME_SIZE_MM = 0.006;
const SAME_PITCH_MM = 0.0015;

const isSameForm = (a: Thread, b: Thread) =>
  a.flankAngleDeg === b.flankAngleDeg &&
  threadForm(a, "internal").crest === threadForm(b, "internal").crest &&
  (a.taper ?? 0) === (b.taper ?? 0) &&
  a.starts === b.starts;

/** Whether two are one thread by geometry, whatever they are called: diameters, pitch, form, taper and starts. */
export function isOneThread(a: Thread, b: Thread): boolean {
  if (a.id === b.id) return a.starts === b.starts;
  if (!isSameForm(a, b) || Math.abs(a.pitchMm - b.pitchMm) > SAME_PITCH_MM) return false;
  const [ofA, ofB] = [basicSizes(a), basicSizes(b)];
  return (
    Math.abs(ofA.major - ofB.major) <= SAME_SIZE_MM &&
    Math.abs(ofA.pitch - ofB.pitch) <= SAME_SIZE_MM
  );
}
