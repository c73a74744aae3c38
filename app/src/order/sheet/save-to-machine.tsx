import type { IdentificationInput, Replacement } from "@root-gauge/contract";
import { shortcomings } from "@root-gauge/core/decide/sheet";
import { specProblemWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { useRouter } from "expo-router";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import { clearDrafts, useDraft, writeDraft } from "../../data/drafts/drafts";
import { inputOfPart } from "../../data/record/inputs";
import { useIdentification } from "../../data/record/queries";
import { saveIdentification } from "../../data/outbox/saving";
import { Body } from "../../kit/text";
import { WhereCard, type WhereCardProps } from "../../shared/where-card";

const PLACE = "fastener.position";
const AT = "fastener.at";
const MACHINE = "fastener.machine";

export interface SaveToMachineProps {
  readonly replacement: Replacement;
  /** False while the caution of a joint on which safety hangs was not read. */
  readonly allowed: boolean;
}

/** The pinned button of a sheet: what it says, what it does, and why it could not. */
export interface Saving {
  readonly label: string;
  readonly save: () => void;
  readonly problem: string | undefined;
}

/** Puts the sheet's part down as what goes in where a stored one came out. */
export function useSavingToRecord(
  id: string | undefined,
  { replacement, allowed }: SaveToMachineProps,
): Saving & { readonly shortOf: readonly string[] } {
  const router = useRouter();
  const { record, query } = useIdentification(id);
  const [problem, setProblem] = useState<string>();
  const save = () => {
    if (record === undefined) {
      return setProblem(query.error?.message ?? SHEET_SENTENCES.partAwaited);
    }
    if (!allowed) return setProblem(SHEET_SENTENCES.readCaution);
    saveIdentification(record.id, { ...inputOfPart(record), replacement }, record.version);
    return router.replace(`/sheet/${record.id}`);
  };
  const found = record === undefined ? [] : shortcomings(record, replacement.callout);
  const place = record?.position ?? "";
  return {
    label: place === "" ? "This goes in" : `This goes in: ${place}`,
    save,
    problem,
    shortOf: found.map(specProblemWords),
  };
}

export interface SavingToMachine extends Saving {
  /** What is missing of where it goes. */
  readonly whereProblem: string | undefined;
}

/**
 * Saves a part that was specified without a sample to a machine.
 * @param toWhere brings into sight where the machine is chosen
 */
export function useSavingToMachine(
  { replacement, allowed }: SaveToMachineProps,
  toWhere: () => void,
): SavingToMachine {
  const router = useRouter();
  const position = useDraft(PLACE) ?? "";
  const positionId = useDraft(AT) || undefined;
  const machineId = useDraft(MACHINE) || null;
  const [problem, setProblem] = useState<string>();
  const noMachine = problem !== undefined && allowed && machineId === null;
  const save = () => {
    if (!allowed) return setProblem(SHEET_SENTENCES.readCaution);
    if (machineId === null) {
      setProblem(SHEET_SENTENCES.chooseMachine);
      return toWhere();
    }
    const id = uuid();
    const takenAt = new Date().toISOString();
    const at = positionId === undefined ? {} : { positionId };
    const said = { machineId, position, ...at, replacement, takenAt };
    const input: IdentificationInput = { ...said, readings: [], options: {}, notes: "" };
    saveIdentification(id, input);
    clearDrafts([PLACE, AT]);
    return router.replace(`/sheet/${id}`);
  };
  return {
    label: "Save to the machine",
    save,
    problem: allowed ? undefined : problem,
    whereProblem: noMachine ? problem : undefined,
  };
}

/** Where a part goes that was specified without a sample. */
export function WhereItGoes({ ref, problem }: Pick<WhereCardProps, "ref" | "problem">) {
  const where = {
    machineId: useDraft(MACHINE) || null,
    position: useDraft(PLACE) ?? "",
    positionId: useDraft(AT) || undefined,
  };
  return (
    <WhereCard
      {...(ref === undefined ? {} : { ref })}
      where={where}
      placeholder="Side cover, lower left"
      problem={problem}
      onChange={({ machineId, position, positionId }) => {
        if (machineId !== undefined) writeDraft(MACHINE, machineId ?? "");
        if (position !== undefined) writeDraft(PLACE, position);
        writeDraft(AT, positionId ?? "");
      }}
    />
  );
}

/** What is wrong with what goes in, against what came out. */
export function ShortOf({ lines }: { lines: readonly string[] }) {
  return lines.map((line) => (
    <Body key={line} color="$clash">
      {line}
    </Body>
  ));
}
