import { isPipeThread, type Thread } from "@root-gauge/core";
import { stockedGrades } from "@root-gauge/core/catalogue/grades";
import {
  MEDIA,
  SYMPTOM_FACTS,
  countedClass,
  isOddThread,
  type Symptom,
} from "@root-gauge/core/mend/repair";
import {
  BROKEN_TOOL_CHOICES,
  DRIVE_SHAPE_CHOICES,
  MEDIUM_NAMES,
  MEND_SENTENCES,
  NUT_KIND_CHOICES,
  SPACE_CHOICES,
  countedClassWords,
} from "@root-gauge/core/say/mend";
import { changeDamage, type MendState } from "../../data/kept/mend-state";
import { LabelledChips } from "../../kit/labelled-chips";
import { Small } from "../../kit/text";
import { YesNo } from "./mend-fields";

const MEDIUM_CHOICES = MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }));

interface QuestionProps {
  readonly state: MendState;
  readonly symptom: Symptom;
  readonly thread: Thread | undefined;
}

/** What a pipe thread, or a joint that leaks, holds in: asked before anything is advised. */
export function HoldsIn({ state, symptom, thread }: QuestionProps) {
  const asks = symptom === "leaks" || (thread !== undefined && isPipeThread(thread));
  if (!asks) return null;
  return (
    <>
      <LabelledChips
        name="What it holds in"
        value={state.medium}
        choices={MEDIUM_CHOICES}
        onChange={(medium = state.medium) => changeDamage(medium === undefined ? {} : { medium })}
      />
      {state.medium === undefined ? <Small>{MEND_SENTENCES.askMedium}</Small> : null}
    </>
  );
}

/** The class of the screw, which what a repair has to hold hangs on; what is taken while it is not said. */
export function ClassOfScrew({ state, symptom, thread }: QuestionProps) {
  const { part, cuts } = SYMPTOM_FACTS[symptom];
  const asked = part === "screw" || (cuts && symptom !== "new" && symptom !== "combustion");
  if (!asked || thread === undefined || isOddThread(thread)) return null;
  const grades = stockedGrades(thread);
  if (grades.length === 0) return null;
  const gradeId = state.grade === "" ? {} : { gradeId: state.grade };
  const counted = countedClass({ thread, material: state.material, ...gradeId });
  return (
    <>
      <LabelledChips
        name="Class of the screw"
        all="Not known"
        value={state.grade === "" ? undefined : state.grade}
        choices={grades.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(grade = "") => changeDamage({ grade })}
      />
      {counted === undefined || part === "screw" ? null : (
        <Small>{countedClassWords(counted)}</Small>
      )}
    </>
  );
}

/** Whether a hole may take a plug as well as a screw: one that has to grow, or that a drain plug stands in. */
export function asksPurpose(symptom: Symptom, thread: Thread | undefined): boolean {
  if (symptom === "too-small") return true;
  const plugged = symptom === "strips" || symptom === "cross-threaded" || symptom === "pulled-out";
  return plugged && thread !== undefined && !isPipeThread(thread);
}

function StandsOut({ state }: { state: MendState }) {
  return (
    <YesNo
      name="Something of it stands out"
      value={state.standsOut}
      onChange={(standsOut) => changeDamage({ standsOut })}
    />
  );
}

function NoFlame({ state }: { state: MendState }) {
  return (
    <YesNo
      name="Seals, fuel, paint or wires near"
      value={state.noFlame}
      onChange={(noFlame) => changeDamage({ noFlame })}
    />
  );
}

/** What is asked of this damage and of no other. */
export function OwnQuestions({ state, symptom }: Omit<QuestionProps, "thread">) {
  switch (symptom) {
    case "snapped":
    case "seized":
      return (
        <>
          <StandsOut state={state} />
          <NoFlame state={state} />
        </>
      );
    case "rounded":
      return (
        <>
          <LabelledChips
            name="What was turned by"
            value={state.driveShape}
            choices={DRIVE_SHAPE_CHOICES}
            onChange={(driveShape = state.driveShape) => changeDamage({ driveShape })}
          />
          <StandsOut state={state} />
          <NoFlame state={state} />
        </>
      );
    case "broken-tap":
      return (
        <>
          <LabelledChips
            name="What broke"
            value={state.brokenTool}
            choices={BROKEN_TOOL_CHOICES}
            onChange={(brokenTool = state.brokenTool) => changeDamage({ brokenTool })}
          />
          <StandsOut state={state} />
        </>
      );
    case "nut-stripped":
      return (
        <>
          <LabelledChips
            name="The nut is"
            value={state.nutKind}
            choices={NUT_KIND_CHOICES}
            onChange={(nutKind = state.nutKind) => changeDamage({ nutKind })}
          />
          <NoFlame state={state} />
        </>
      );
    case "thin-sheet":
      return <NoFlame state={state} />;
    case "combustion":
      return (
        <LabelledChips
          name="It opens into"
          value={state.space}
          choices={SPACE_CHOICES}
          onChange={(space = state.space) => changeDamage({ space })}
        />
      );
    default:
      return null;
  }
}
