import {
  nearestFraction,
  printFigure,
  printFraction,
  printLength,
  type Mm,
} from "@root-gauge/core";
import { Small } from "../../kit/text";

/** A figure in both units, and the nearest fraction of an inch with how far off it is. */
export function LengthEcho({ mm }: { mm: Mm }) {
  const { fraction, differenceMm } = nearestFraction(mm);
  const off =
    Math.abs(differenceMm) < 0.005
      ? "exactly"
      : `${printFigure(Math.abs(differenceMm), "mm")} mm ${differenceMm > 0 ? "over" : "under"}`;
  return (
    <Small fontSize="$detail" lineHeight="$detail">
      {`${printLength(mm, "mm")}  ·  ${printLength(mm, "in")}  ·  ${off} ${printFraction(fraction)} in`}
    </Small>
  );
}
