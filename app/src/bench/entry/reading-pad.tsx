import { printFigure, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useContext, useEffect, useRef, useState, type ReactNode } from "react";
import { TextInput } from "react-native";
import { useDraft, draftOf, writeDraft } from "../../data/drafts/drafts";
import { changeSettings, useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { ChoiceRow } from "../../kit/choice-row";
import { Body, Label, Small } from "../../kit/text";
import { useLayout } from "../../kit/wide";
import { CaliperContext } from "./caliper-context";
import { Keypad } from "./keypad";
import { LengthEcho } from "./length-echo";
import { pressKey } from "./pad-keys";
import { readField, slipAmong, type PadField, type PadProblem } from "./pad-fields";
import { useWedge } from "./use-wedge";
import { rem } from "../../kit/text-scale";

export interface ReadingPadProps {
  readonly fields: readonly PadField[];
  readonly units: Units;
  /** One sentence on doing it well. */
  readonly teach: string;
  readonly action: string;
  /** Why values that are each right cannot stand together, as a sentence; undefined when they can. */
  readonly check?: (values: readonly number[]) => string | undefined;
  /**
   * The fields' values in order, and what was said of those that are lengths; the drafts of these fields are then
   * cleared by the taking.
   */
  readonly onTake: (values: readonly number[], said: readonly string[]) => void;
  /** What it is measured with, and what else is said of it. */
  readonly above?: ReactNode;
  readonly children?: ReactNode;
}

interface FieldProps {
  readonly field: PadField;
  readonly units: Units;
  readonly active: boolean;
  /** Changes when the active field is to have the focus again. */
  readonly refocus: number;
  readonly problem: PadProblem | undefined;
  readonly onFocus: () => void;
  readonly onText: (text: string) => void;
  readonly onSubmit: () => void;
}

const MOST_TYPED = 24;

function PadInput(props: FieldProps) {
  const { field, units, active, refocus, problem, onFocus, onText, onSubmit } = props;
  const text = useDraft(field.key) ?? "";
  const theme = useTheme();
  const input = useRef<TextInput>(null);
  const read = readField(field, text, units);
  useEffect(() => {
    if (active) input.current?.focus();
  }, [active, refocus]);
  return (
    <View gap={4} flex={1} minWidth={140}>
      <Label>{field.kind === "length" ? `${field.label}, ${units}` : field.label}</Label>
      <TextInput
        ref={input}
        aria-label={field.label}
        // The keys below are the keyboard on a phone; a real one, or a caliper that types, still works.
        inputMode="none"
        maxLength={MOST_TYPED}
        value={text}
        onFocus={onFocus}
        onChangeText={onText}
        onSubmitEditing={onSubmit}
        submitBehavior="submit"
        style={{
          minHeight: 56,
          paddingHorizontal: 12,
          borderWidth: active ? 2 : 1,
          borderRadius: 4,
          borderColor: problem === undefined ? theme.edge.val : theme.clash.val,
          backgroundColor: theme.plate.val,
          color: theme.ink.val,
          fontFamily: '"Barlow Semi Condensed", sans-serif',
          fontWeight: "600",
          fontSize: rem(32),
          width: "100%",
        }}
      />
      {problem === undefined ? (
        <View minHeight={20}>
          {read.ok && field.kind === "length" ? <LengthEcho mm={read.value} /> : null}
        </View>
      ) : (
        <>
          <Body role="alert" color="$clash">
            {problem.problem}
          </Body>
          <MeantButton meant={problem.meant} onText={onText} />
        </>
      )}
    </View>
  );
}

/** The likely slip of unit, mended with one touch. */
function MeantButton({
  meant,
  onText,
}: {
  meant: string | undefined;
  onText: (text: string) => void;
}) {
  return meant === undefined ? null : (
    <ActionButton label={`It was ${meant}`} onPress={() => onText(meant)} />
  );
}

/** The reading pad: one or two fields, big keys, both units echoed as typed. Enter takes the reading. */
export function ReadingPad(props: ReadingPadProps) {
  const { fields, units, teach, action, check, onTake, above, children } = props;
  const entryUnits = useSettings().padUnits ?? units;
  const { short } = useLayout();
  const [activeAt, setActiveAt] = useState(0);
  const [problems, setProblems] = useState<ReadonlyMap<string, PadProblem>>(new Map());
  const textOf = (field: PadField) => draftOf(field.key) ?? "";
  const active = fields[activeAt] ?? fields[0];
  const liveCaliper = useContext(CaliperContext);
  const [live, setLive] = useState(false);
  const [mismatch, setMismatch] = useState<PadProblem & { readonly field?: PadField }>();

  const write = (field: PadField, text: string) => {
    writeDraft(field.key, text);
    // A key typed redraws the field and its echo, nothing else: what has no problem is not made anew.
    setProblems((before) =>
      before.has(field.key) ? new Map([...before].filter(([key]) => key !== field.key)) : before,
    );
    setMismatch(undefined);
  };

  // A new figure starts in the active field, and the focus goes there for its other digits and Enter.
  const [refocus, setRefocus] = useState(0);
  useWedge(true, (digit, goesOn) => {
    if (active === undefined) return;
    write(active, goesOn ? textOf(active) + digit : digit);
    setRefocus((times) => times + 1);
  });

  const take = () => {
    const read = fields.map((field) => readField(field, textOf(field), entryUnits));
    const found = new Map(
      fields.flatMap(({ key }, i): [string, PadProblem][] => {
        const value = read[i];
        return value === undefined || value.ok ? [] : [[key, value]];
      }),
    );
    setProblems(found);
    setMismatch(undefined);
    const firstWrong = fields.findIndex(({ key }) => found.has(key));
    if (firstWrong >= 0) return setActiveAt(firstWrong);
    const values = read.flatMap((value) => (value.ok ? [value.value] : []));
    const problem = check?.(values);
    if (problem === undefined) {
      return onTake(
        values,
        read.flatMap((value) => (value.ok ? (value.said ?? []) : [])),
      );
    }
    const stands = (others: readonly number[]) => check?.(others) === undefined;
    setMismatch({ problem, ...slipAmong(fields, fields.map(textOf), entryUnits, stands) });
  };

  /** Enter goes on to the next empty field, and takes the reading when there is none. */
  const submit = (at: number) => {
    const next = fields.findIndex((field, i) => i > at && textOf(field) === "");
    if (next < 0) take();
    else setActiveAt(next);
  };

  const figures = (
    <>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {fields.map((field, at) => (
          <PadInput
            key={field.key}
            field={field}
            units={entryUnits}
            active={at === activeAt}
            refocus={refocus}
            problem={problems.get(field.key)}
            onFocus={() => setActiveAt(at)}
            onText={(text) => write(field, text)}
            onSubmit={() => submit(at)}
          />
        ))}
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ChoiceRow
          name="Units of this figure"
          value={entryUnits}
          choices={UNIT_CHOICES}
          onChange={(padUnits) => changeSettings({ padUnits })}
        />
        {fields.some(({ kind }) => kind === "length") ? (
          <ChoiceRow
            name="Where the figure comes from"
            value={live ? "caliper" : "keys"}
            choices={SOURCES}
            onChange={(source) => setLive(source === "caliper")}
          />
        ) : null}
      </View>
      <Small>{teach}</Small>
      {children}
    </>
  );
  const keys = (
    <>
      {live && active?.kind === "length"
        ? liveCaliper({
            units: entryUnits,
            onUse: (mm) => write(active, printFigure(mm, entryUnits)),
          })
        : null}
      {active === undefined || live ? null : (
        // The keys ask for the text when one is pressed: drawn for every letter, they are most of what a key costs.
        <Keypad
          fractions={active.kind === "length"}
          onKey={(pad) => write(active, pressKey(textOf(active), pad))}
        />
      )}
    </>
  );
  const taking = (
    <>
      {mismatch === undefined ? null : (
        <>
          <Body role="alert" color="$clash">
            {mismatch.problem}
          </Body>
          <MeantButton
            meant={mismatch.meant}
            onText={(text) => mismatch.field && write(mismatch.field, text)}
          />
        </>
      )}
      <View position="sticky" bottom={0} zIndex={1} paddingVertical={4} backgroundColor="$card">
        <ActionButton primary label={action} onPress={take} />
      </View>
    </>
  );
  return short ? (
    <View flexDirection="row" gap={12}>
      <View flex={1} gap={8}>
        {figures}
        {above}
        {taking}
      </View>
      <View flex={1}>{keys}</View>
    </View>
  ) : (
    <View gap={8}>
      {above}
      {figures}
      {keys}
      {taking}
    </View>
  );
}

const SOURCES = [
  { value: "keys", label: "Keys" },
  { value: "caliper", label: "Live caliper" },
] as const;

const UNIT_CHOICES = [
  { value: "mm", label: "mm" },
  { value: "in", label: "in" },
] as const;
