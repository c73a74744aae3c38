import { toleranceClasses, type Thread, type ThreadSide } from "../../catalogue/threads";

/** Classes that are written into the call-out; "standard", "internal" and "estimated" are only names of ours. */
const WRITTEN = /^(\d|[AB]$)/;

/**
 * The thread as a drawing calls it out, with its class where the standard has one: "M10 x 1.25 - 6g" (ISO 965-1),
 * "1/2-13 UNC-2A" (ASME B1.1), "G 1/2 A" (ISO 228-1), "Rc 1/2" (ISO 7-1), "Tr 20 x 4 - 7e" (ISO 2903).
 */
export function threadCallout(thread: Thread, side: ThreadSide): string {
  const hand = thread.hand === "left" ? " LH" : "";
  return `${withClass(thread, side)}${hand}`;
}

function withClass(thread: Thread, side: ThreadSide): string {
  const { designation, family, series } = thread;
  if (series === "R" && side === "internal") return designation.replace("R ", "Rc ");
  const [usual] = toleranceClasses(thread, side);
  if (usual === undefined || !WRITTEN.test(usual)) return designation;
  switch (family) {
    case "unified":
    case "acme":
      return `${designation}-${usual}`;
    case "pipe-parallel":
      return `${designation} ${usual}`;
    default:
      return `${designation} - ${usual}`;
  }
}
