import { threadById, type Thread } from "../../catalogue/threads";
import { printPlain, tpiFromPitchMm, type Mm } from "../../measure";

const ODD = /^odd-(\d+(?:\.\d+)?)x(\d+(?:\.\d+)?)$/;
/** A pitch is called by its threads an inch where it is so near to a whole number of them. */
const WHOLE_TPI = 0.02;

/**
 * A thread of no standard, by what was measured of it: all that a thread file asks for.
 * @param majorMm over the crests, mm
 */
export function oddThread(majorMm: Mm, pitchMm: Mm): Thread {
  const tpi = tpiFromPitchMm(pitchMm);
  const whole = Math.abs(tpi - Math.round(tpi)) < WHOLE_TPI ? Math.round(tpi) : undefined;
  const isMetric = Math.abs(pitchMm / 0.05 - Math.round(pitchMm / 0.05)) < 1e-6;
  const pitch =
    whole === undefined || isMetric ? `pitch ${printPlain(pitchMm, 3)}` : `${whole} TPI`;
  return {
    id: `odd-${printPlain(majorMm, 3)}x${printPlain(pitchMm, 4)}`,
    designation: `${printPlain(majorMm, 2)} mm, ${pitch}`,
    family: "iso-metric",
    series: "odd",
    majorMm,
    pitchMm,
    ...(whole === undefined || isMetric ? {} : { tpi: whole }),
    flankAngleDeg: 60,
    starts: 1,
    hand: "right",
    choice: 3,
    standard: "",
    verified: false,
  };
}

export function isOddThread({ id }: Thread): boolean {
  return ODD.test(id);
}

/** A thread by its id: one of the catalogue, or one of no standard that was made here. */
export function anyThreadById(id: string): Thread | undefined {
  const [, major, pitch] = ODD.exec(id) ?? [];
  return major === undefined || pitch === undefined
    ? threadById(id)
    : oddThread(Number(major), Number(pitch));
}
