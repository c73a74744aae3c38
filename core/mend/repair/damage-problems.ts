import { isGiven, ownedDrills, rangeProblem, type RepairProblem } from "../holes";
import { tapLeadPitches } from "../../decide/joints";
import type { Damage } from "./damage";
import { takesMetal } from "./symptom-facts";

/** A bore wider than so many diameters was another thread's, or was read in the other unit. */
const WIDEST_BORE = 1.3;

function rangeProblems(damage: Damage): readonly RepairProblem[] {
  const { depthMm, boreMm, edgeMm, neighbourMm, bossMm, engagementMm, soundShare } = damage;
  const { thicknessMm, wantedN, torqueNm, wearMm, headRoomMm, matingHoleMm } = damage;
  const { soundBelowMm, screwLengthMm, offMm } = damage;
  return (
    [
      ["depth", depthMm],
      ["bore", boreMm],
      ["edge", edgeMm],
      ["neighbour", neighbourMm],
      ["boss", bossMm],
      ["engagement", engagementMm],
      ["sound-share", soundShare],
      ["thickness", thicknessMm],
      ["wanted-load", wantedN],
      ["torque", torqueNm],
      ["wear", wearMm],
      ["head-room", headRoomMm],
      ["mating-hole", matingHoleMm],
      ["sound-below", soundBelowMm],
      ["screw-length", screwLengthMm],
      ["off-place", offMm],
    ] as const
  ).flatMap(([figure, read]) => {
    const problem = isGiven(read) ? rangeProblem(figure, read) : undefined;
    return problem === undefined ? [] : [problem];
  });
}

/** What cannot be, of figures that are each in their range. */
function contradictions(damage: Damage): readonly RepairProblem[] {
  const { thread, symptom, hole, depthMm, boreMm, edgeMm, thicknessMm, tools } = damage;
  const { majorMm, pitchMm } = thread;
  const leadMm = (tapLeadPitches("bottoming") + 1) * pitchMm;
  const half = (boreMm ?? majorMm) / 2;
  return [
    ...(isGiven(boreMm) &&
    boreMm > WIDEST_BORE * majorMm &&
    symptom !== "too-small" &&
    symptom !== "off-centre" &&
    symptom !== "insert-out"
      ? [{ code: "bore-over-thread", boreMm, majorMm } as const]
      : []),
    ...(isGiven(edgeMm) && edgeMm <= half
      ? [{ code: "wall-gone", edgeMm, radiusMm: half } as const]
      : []),
    ...(hole === "blind" && depthMm <= leadMm
      ? [{ code: "under-tap-lead", depthMm, leadMm } as const]
      : []),
    ...(hole === "blind" && isGiven(thicknessMm) && thicknessMm <= depthMm
      ? [{ code: "deeper-than-part", depthMm, thicknessMm } as const]
      : []),
    ...(ownedDrills(tools).length === 0 ? [{ code: "no-drills" } as const] : []),
  ];
}

/** What is wrong with the figures of a damage, said before any repair is looked for. */
export function damageProblems(damage: Damage): readonly RepairProblem[] {
  const ranges = rangeProblems(damage);
  return ranges.length > 0 || !takesMetal(damage) ? ranges : contradictions(damage);
}
