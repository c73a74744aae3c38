import {
  isStructuralScrew,
  madeToOf,
  type NutSpec,
  type ScrewSpec,
  type WasherSpec,
} from "../../callout";
import { gradeById } from "../../catalogue/grades";
import type { NutStyle } from "../../catalogue/fasteners";
import { companionsOf, countedGrade, rightNut } from "../replace";
import { USUAL_CIRCUMSTANCES } from "../../catalogue/circumstances";

/** Nuts of full height, which bear a class. */
const CLASSED: ReadonlySet<NutStyle> = new Set([
  "hex",
  "heavy",
  "nylon-insert",
  "all-metal",
  "flange",
  "castle",
  "coupling",
]);
/** ISO 7089: the hardness of a flat washer under classes that a soft one sinks in under. */
const HARDENED_HV = 300;

const isSteel = (bolt: ScrewSpec) => countedGrade(bolt)?.grade.system !== "stainless";

/** The steel that a stainless class is of: "A4" of A4-80. */
function steelOf({ gradeId, steel }: ScrewSpec): string | undefined {
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  return grade?.system === "stainless" ? grade.id.split("-")[0] : steel;
}

/** What the nut and the washers of a bolt are made of or coated with: as the bolt is, where nobody said otherwise. */
function asBolt<Part extends NutSpec | WasherSpec>(part: Part, bolt: ScrewSpec): Part {
  const steel = part.steel ?? (isSteel(bolt) ? undefined : steelOf(bolt));
  const finish = part.finish ?? bolt.finish;
  return {
    ...part,
    ...(finish === undefined ? {} : { finish }),
    ...(steel === undefined ? {} : { steel }),
  };
}

/**
 * The nut that is ordered with a bolt: of its finish, and of the class that goes with the bolt's, where neither was said;
 * of a structural bolt the nut of its own standard.
 */
export function completedNut(nut: NutSpec, bolt: ScrewSpec): NutSpec {
  const asked = asBolt(nut, bolt);
  const structural = isStructuralScrew(bolt) && nut.style === "hex" ? madeToOf(bolt) : undefined;
  const ofStandard: Partial<NutSpec> =
    structural === "ASTM F3125"
      ? { style: "heavy" }
      : structural === undefined
        ? {}
        : { madeTo: structural };
  const said = countedGrade(bolt);
  const right = said === undefined || said.by === "weakest" ? undefined : rightNut(bolt);
  const classed = nut.nutClassId === undefined && CLASSED.has(nut.style) && right !== undefined;
  return { ...asked, ...ofStandard, ...(classed ? { nutClassId: right.id } : {}) };
}

/** The washer that is ordered with a bolt: of its finish, and hard where the bolt's head would sink in. */
export function completedWasher(washer: WasherSpec, bolt: ScrewSpec): WasherSpec {
  const asked = asBolt(washer, bolt);
  const said = countedGrade(bolt);
  const { hardened } = companionsOf(bolt, USUAL_CIRCUMSTANCES).washer;
  const hard =
    hardened &&
    said?.by !== "weakest" &&
    washer.style === "flat" &&
    washer.hardnessHv === undefined &&
    bolt.thread.family === "iso-metric" &&
    isSteel(bolt);
  return hard ? { ...asked, hardnessHv: HARDENED_HV } : asked;
}
