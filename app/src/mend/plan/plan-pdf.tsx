import type { Units } from "@root-gauge/core";
import type { RepairRecord } from "@root-gauge/core/mend/repair";
import { MEND_SENTENCES } from "@root-gauge/core/say/mend";
import { useState } from "react";
import { api, ServerRefused } from "../../data/server/api";
import { ActionButton } from "../../kit/action-button";
import { saveFile } from "../../kit/save-file";
import { Body } from "../../kit/text";

export interface PlanPdfProps {
  readonly record: RepairRecord;
  readonly units: Units;
  /** The machine and the place on it. */
  readonly title: string;
}

/** The plan on one page, made by the server. */
export function PlanPdf({ record, units, title }: PlanPdfProps) {
  const [making, setMaking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const make = async () => {
    setMaking(true);
    setProblem(undefined);
    try {
      const pdf = await api.planPaper({ record, units, title });
      saveFile("work-plan.pdf", "application/pdf", [pdf]);
    } catch (error) {
      setProblem(error instanceof ServerRefused ? error.message : MEND_SENTENCES.noPaper);
    } finally {
      setMaking(false);
    }
  };
  return (
    <>
      <ActionButton
        label={making ? "Making the page" : "Plan on paper"}
        says="Plan on paper, a PDF of one page"
        disabled={making}
        onPress={() => void make()}
      />
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
    </>
  );
}
