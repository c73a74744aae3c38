import {
  lengthProblemWords,
  readLength,
  threadName,
  upperFirst,
  type DesignationProblem,
  type LengthProblem,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { designationProblemWords } from "@root-gauge/core/say/charts";
import { HOLE_MATERIAL_KINDS, TAPS } from "@root-gauge/core/decide/joints";
import { HOLE_MATERIAL_WORDS, TAP_WORDS, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import type { HoleKind, HoleSize } from "@root-gauge/core/decide/specify";
import { View } from "@tamagui/core";
import { changeSpecify, type SpecifyState } from "../../data/kept/specify-state";
import { ChoiceChips } from "../../kit/choice-chips";
import { ChoiceRow } from "../../kit/choice-row";
import { LabelledChips } from "../../kit/labelled-chips";
import { LengthField } from "../../kit/length-field";
import { Card } from "../../kit/surface";
import { Body, Heading, Label } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";

const KINDS: readonly { value: HoleKind; label: string }[] = [
  { value: "blind", label: "Tapped, blind" },
  { value: "tapped", label: "Tapped through" },
  { value: "clear", label: "Clear, with nut" },
];

const MATERIALS = HOLE_MATERIAL_KINDS.map((value) => ({
  value,
  label: upperFirst(HOLE_MATERIAL_WORDS[value]),
}));

const TAP_CHOICES = TAPS.map((value) => ({ value, label: upperFirst(TAP_WORDS[value]) }));

const DEPTHS = { minMm: 0.5, maxMm: 400 };

/** A length as it was typed; undefined while it is empty or cannot be taken. */
export function typedLength(text: string, units: Units): number | undefined {
  const read = readLength(text, units, DEPTHS);
  return read.ok ? read.mm : undefined;
}

function problemWords(problem: DesignationProblem | LengthProblem, units: Units): string {
  return problem.code.startsWith("length")
    ? lengthProblemWords(problem as LengthProblem, units)
    : designationProblemWords(problem as DesignationProblem);
}

export interface HoleCardProps {
  readonly state: SpecifyState;
  readonly size: HoleSize;
  readonly thread: Thread | undefined;
  /** The unit that its lengths are typed in. */
  readonly units: Units;
}

/** The hole: what it is, its size, its depth, what it is cut in and what is clamped on it. */
export function HoleCard({ state, size, thread, units }: HoleCardProps) {
  const { kind } = state;
  const threads = size.kind === "thread" || size.kind === "measured" ? size.threads : [];
  return (
    <Card gap={12}>
      <Heading>The hole</Heading>
      <ChoiceChips
        name="The hole is"
        value={kind}
        choices={KINDS}
        onChange={(chosen) => changeSpecify({ kind: chosen ?? kind, threadId: undefined })}
      />
      <TextEntry
        label={
          kind === "clear"
            ? `Across the hole, or its thread, ${units}`
            : `Its thread, or across the bore, ${units}`
        }
        value={state.size}
        placeholder={kind === "clear" ? "13.5" : "M8"}
        longest={40}
        problem={size.kind === "problem" ? problemWords(size.problem, units) : undefined}
        onChange={(text) => changeSpecify({ size: text, threadId: undefined, typedIn: units })}
      />
      {size.kind === "measured" && threads.length === 0 ? (
        <Body role="status">{SHEET_SENTENCES.noSuchHole}</Body>
      ) : null}
      {threads.length > 1 ? (
        <ChoiceChips
          name="The thread"
          value={thread?.id}
          choices={threads.map((one) => ({ value: one.id, label: threadName(one) }))}
          onChange={(threadId) => changeSpecify({ threadId })}
        />
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap={12}>
        <View flex={1} minWidth={150}>
          <LengthField
            label={`Thickness clamped, ${units}`}
            value={state.grip}
            units={units}
            accepted={DEPTHS}
            placeholder={units === "mm" ? "12" : "1/2"}
            onChange={(grip) => changeSpecify({ grip, typedIn: units })}
          />
        </View>
        {kind === "clear" ? null : (
          <View flex={1} minWidth={150}>
            <LengthField
              label={kind === "blind" ? `Depth drilled, ${units}` : `Thickness tapped, ${units}`}
              value={state.depth}
              units={units}
              accepted={DEPTHS}
              placeholder={units === "mm" ? "30" : "1 1/4"}
              onChange={(depth) => changeSpecify({ depth, typedIn: units })}
            />
          </View>
        )}
      </View>
      {kind === "clear" ? null : (
        <LabelledChips
          name="Cut in"
          value={state.material}
          choices={MATERIALS}
          onChange={(material = state.material) => changeSpecify({ material })}
        />
      )}
      {kind === "blind" ? (
        <LabelledChips
          name="Last tap that went in"
          value={state.tap}
          choices={TAP_CHOICES}
          onChange={(tap = state.tap) => changeSpecify({ tap })}
        />
      ) : null}
      <View gap={4} alignItems="flex-start">
        <Label>Washer under the head</Label>
        <ChoiceRow
          name="Washer under the head"
          value={state.washer ? "yes" : "no"}
          choices={[
            { value: "no", label: "None" },
            { value: "yes", label: "Flat" },
          ]}
          onChange={(washer) => changeSpecify({ washer: washer === "yes" })}
        />
      </View>
    </Card>
  );
}
