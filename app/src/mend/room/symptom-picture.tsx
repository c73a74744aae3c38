import { symptomMarks } from "@root-gauge/core/draw/hole";
import type { Symptom } from "@root-gauge/core/mend/repair";
import { SYMPTOM_WORDS } from "@root-gauge/core/say/mend";
import { Plate } from "../../draw/plate";

const HEIGHT = 160;

/** The damage as its plate draws it, where no hole is cut that could be drawn to scale. */
export function SymptomPicture({ symptom }: { symptom: Symptom }) {
  return (
    <Plate
      says={SYMPTOM_WORDS[symptom]}
      height={HEIGHT}
      draw={(width) => {
        const room = { width, height: HEIGHT };
        return { ...room, marks: symptomMarks(symptom, room), scale: 1 };
      }}
    />
  );
}
