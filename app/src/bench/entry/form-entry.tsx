import {
  FLANK_ANGLES,
  FUNCTION_WORDS,
  PLACE_WORDS,
  TRADE_WORDS,
  angleWords,
  lastReading,
  type CrestForm,
  type FlankAngle,
  type OriginPlace,
  type PartFunction,
  type Reading,
  type ReadingOf,
  type Trade,
} from "@root-gauge/core";
import { TRADES } from "@root-gauge/core/lists";
import { TEACHING } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { changeBench } from "../../data/drafts/bench";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Heading, Small } from "../../kit/text";

const ANGLES = FLANK_ANGLES.map((angle) => ({ value: String(angle), label: angleWords(angle) }));

const CRESTS = [
  { value: "rounded", label: "Rounded" },
  { value: "flat", label: "Flat" },
] as const;

const SURENESS = [
  { value: "gauged", label: "By gauge" },
  { value: "looked", label: "By a look" },
] as const;

const HANDS = [
  { value: "right", label: "Right-hand" },
  { value: "left", label: "Left-hand" },
] as const;

const PLACES = (["britain", "north-america", "europe", "japan"] as const).map((value) => ({
  value,
  label: PLACE_WORDS[value],
}));

const YEARS = ["1930", "1950", "1965"].map((value) => ({ value, label: `before ${value}` }));

const TRADE_CHOICES = TRADES.map((value) => ({ value, label: `off ${TRADE_WORDS[value]}` }));

const FUNCTIONS = (Object.keys(FUNCTION_WORDS) as PartFunction[]).map((value) => ({
  value,
  label: FUNCTION_WORDS[value],
}));

function answer(kind: Reading["kind"], reading: Reading | undefined): void {
  changeBench({ type: "answer", kind, reading });
}

interface QuestionProps {
  readonly title: string;
  readonly hint: string;
  readonly children: React.ReactNode;
}

function Question({ title, hint, children }: QuestionProps) {
  return (
    <View gap={8}>
      <Heading fontSize="$name" lineHeight="$name">
        {title}
      </Heading>
      <Small>{hint}</Small>
      {children}
    </View>
  );
}

function AngleQuestion({ given }: { given: ReadingOf<"flank-angle"> | undefined }) {
  const take = (degrees: FlankAngle | undefined, sure: boolean) =>
    answer(
      "flank-angle",
      degrees === undefined ? undefined : { kind: "flank-angle", degrees, sure },
    );
  return (
    <Question title="Flank angle" hint={TEACHING["flank-angle"]}>
      <ChoiceChips
        name="Flank angle"
        all="Not read"
        value={given === undefined ? undefined : String(given.degrees)}
        choices={ANGLES}
        onChange={(text) =>
          take(
            FLANK_ANGLES.find((angle) => String(angle) === text),
            given?.sure ?? true,
          )
        }
      />
      {given === undefined ? null : (
        <ChoiceChips
          name="How the angle was read"
          value={given.sure === false ? "looked" : "gauged"}
          choices={SURENESS}
          onChange={(way) => take(given.degrees, way !== "looked")}
        />
      )}
    </Question>
  );
}

function CrestsQuestion({ given }: { given: CrestForm | undefined }) {
  return (
    <Question title="Crests under a glass" hint={TEACHING["crest-form"]}>
      <ChoiceChips
        name="Crests under a glass"
        all="Not seen"
        value={given}
        choices={CRESTS}
        onChange={(form) =>
          answer("crest-form", form === undefined ? undefined : { kind: "crest-form", form })
        }
      />
    </Question>
  );
}

interface OriginSaid {
  readonly place: OriginPlace | undefined;
  readonly before: number | undefined;
  readonly trade: Trade | undefined;
}

/** What was said of the origin as a reading; none where nothing was. */
function originOf({ place, before, trade }: OriginSaid): Reading | undefined {
  if ((place ?? before ?? trade) === undefined) return undefined;
  return {
    kind: "origin",
    ...(place === undefined ? {} : { place }),
    ...(before === undefined ? {} : { before }),
    ...(trade === undefined ? {} : { trade }),
  };
}

function OriginQuestion({ given }: { given: ReadingOf<"origin"> | undefined }) {
  const place = given?.place === "unknown" ? undefined : given?.place;
  const said: OriginSaid = { place, before: given?.before, trade: given?.trade };
  const take = (change: Partial<OriginSaid>) => answer("origin", originOf({ ...said, ...change }));
  return (
    <Question title="Where the machine is from" hint={TEACHING.origin}>
      <ChoiceChips
        name="Where the machine is from"
        all="Not known"
        value={place}
        choices={PLACES}
        onChange={(chosen) => take({ place: chosen })}
      />
      <ChoiceChips
        name="How old the machine is"
        all="Age not known"
        value={given?.before === undefined ? undefined : String(given.before)}
        choices={YEARS}
        onChange={(year) => take({ before: year === undefined ? undefined : Number(year) })}
      />
      <ChoiceChips
        name="What the part is off"
        all="Off anything"
        value={given?.trade}
        choices={TRADE_CHOICES}
        onChange={(trade) => take({ trade })}
      />
    </Question>
  );
}

export interface FormEntryProps {
  readonly readings: readonly Reading[];
  /** Of an external thread the crests can be looked at, and the depth measured. */
  readonly outside: boolean;
  /** Opens the entry for the taper. */
  readonly onTaper: () => void;
  /** Opens the entry for the depth of thread. */
  readonly onDepth: () => void;
  readonly onDone: () => void;
}

/** What is seen rather than measured: flank angle, hand, origin, what the part does. Each answer counts at once. */
export function FormEntry({ readings, outside, onTaper, onDepth, onDone }: FormEntryProps) {
  const hand = lastReading(readings, "hand")?.hand;
  const what = lastReading(readings, "function")?.what;
  return (
    <View gap={20}>
      <AngleQuestion given={lastReading(readings, "flank-angle")} />
      {outside ? <CrestsQuestion given={lastReading(readings, "crest-form")?.form} /> : null}
      <Question title="Hand" hint={TEACHING.hand}>
        <ChoiceChips
          name="Hand"
          all="Not seen"
          value={hand}
          choices={HANDS}
          onChange={(seen) =>
            answer("hand", seen === undefined ? undefined : { kind: "hand", hand: seen })
          }
        />
      </Question>
      <OriginQuestion given={lastReading(readings, "origin")} />
      <Question title="What it is" hint={TEACHING.function}>
        <ChoiceChips
          name="What it is"
          all="Not said"
          value={what}
          choices={FUNCTIONS}
          onChange={(chosen) =>
            answer(
              "function",
              chosen === undefined ? undefined : { kind: "function", what: chosen },
            )
          }
        />
      </Question>
      <ActionButton label="Does it taper?" onPress={onTaper} />
      {outside ? <ActionButton label="Depth of thread" onPress={onDepth} /> : null}
      <ActionButton primary label="Back to the part" onPress={onDone} />
    </View>
  );
}
