import {
  ACCEPTED,
  HEAD_WORDS,
  upperFirst,
  lastReading,
  readLength,
  sizeWasRead,
  type Candidate,
  type HeadStyle,
  type PartKind,
  type Reading,
  type Units,
} from "@root-gauge/core";
import { HEAD_STYLES } from "@root-gauge/core/lists";
import type { ScrewSpec } from "@root-gauge/core/callout";
import { stockMatch, isStockLength } from "@root-gauge/core/catalogue/fasteners";
import { weakestGrade } from "@root-gauge/core/catalogue/grades";
import { screwDrawing, screwOutline } from "@root-gauge/core/draw/joint";
import {
  PANEL_SENTENCES,
  TEACHING,
  lengthDatumWords,
  stockWords,
} from "@root-gauge/core/say/bench";
import { datumWords, nominalLengthWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useState } from "react";
import { changeBench } from "../../data/drafts/bench";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { useMended } from "../../data/drafts/mending";
import { Plate } from "../../draw/plate";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Label, Small } from "../../kit/text";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

/** What is measured: the whole part, or how far this end of a stud is threaded. */
type Measured = "length" | "thread-length";

const FIELD = {
  length: { key: "length", label: "Length", kind: "length", accepted: ACCEPTED.length },
  "thread-length": {
    key: "thread-length",
    label: "Thread of this end",
    kind: "length",
    accepted: ACCEPTED.length,
  },
} as const satisfies Readonly<Record<Measured, PadField>>;

function take(kind: Measured, mm: number, said: readonly string[]): void {
  changeBench({ type: "answer", kind, reading: { kind, mm, said } });
  writeDraft(kind, "");
}

/** A stud is measured from end to end, and at each end as far as it is threaded. */
function StudQuestion(props: { measured: Measured; onChange: (measured: Measured) => void }) {
  return (
    <ChoiceChips
      name="What is measured"
      value={props.measured}
      choices={[
        { value: "length", label: "The whole stud" },
        { value: "thread-length", label: "Thread of this end" },
      ]}
      onChange={(chosen) => {
        if (chosen !== undefined) props.onChange(chosen);
      }}
    />
  );
}

const PICTURE = 96;

/** The screw at the length typed, with the datum it is measured from. */
function DatumPicture({ spec }: { spec: ScrewSpec }) {
  const outline = screwOutline(spec);
  const lengths = outline.dimensions.filter(({ kind }) => kind === "length" || kind === "shoulder");
  return (
    <Plate
      says={lengthDatumWords(spec.head ?? "hex")}
      height={PICTURE}
      draw={(width) =>
        screwDrawing({ ...outline, dimensions: lengths }, { width, height: PICTURE }, spec.thread)
      }
    />
  );
}

/** Heads that most screws have; the others are a touch further. */
const USUAL_HEADS: readonly HeadStyle[] = ["hex", "socket-cap", "button", "csk", "pan", "set"];

/** From where a length is measured hangs on the head: where nobody has said which, it is asked. */
function HeadQuestion({ head }: { head: HeadStyle | undefined }) {
  const [all, setAll] = useState(false);
  const [changing, setChanging] = useState(false);
  if (head !== undefined && !changing) {
    return (
      <View flexDirection="row" alignItems="center" gap={8}>
        <Small flex={1}>{lengthDatumWords(head)}</Small>
        <ActionButton label="Another head" onPress={() => setChanging(true)} />
      </View>
    );
  }
  const shown = all ? HEAD_STYLES : USUAL_HEADS;
  return (
    <View gap={4}>
      <Label>Its head</Label>
      <ChoiceChips
        name="Its head"
        value={head}
        choices={shown.map((value) => ({ value, label: upperFirst(HEAD_WORDS[value]) }))}
        onChange={(chosen) => {
          setChanging(false);
          changeBench({
            type: "answer",
            kind: "head-style",
            reading: chosen === undefined ? undefined : { kind: "head-style", head: chosen },
          });
        }}
      />
      {all ? null : <ActionButton label="Other heads" onPress={() => setAll(true)} />}
    </View>
  );
}

export interface LengthEntryProps {
  readonly part: PartKind;
  readonly readings: readonly Reading[];
  readonly candidates: readonly Candidate[];
  readonly units: Units;
  readonly onDone: () => void;
}

/** How long the part is, at its head's own datum, held against the lengths that are stocked. */
export function LengthEntry({ part, readings, candidates, units, onDone }: LengthEntryProps) {
  const typed = useDraft("length") ?? "";
  const [chosen, setChosen] = useState<Measured>();
  const mended = useMended()?.kind === "thread-length" ? "thread-length" : "length";
  const measured = part === "stud" ? (chosen ?? mended) : "length";
  const seen = part === "stud" ? "stud" : lastReading(readings, "head-style")?.head;
  const head: HeadStyle = seen ?? "hex";
  const read = readLength(typed, units, ACCEPTED.length);
  // Before a size was read no thread is known whose stock lengths it could be one of.
  const thread = sizeWasRead(readings)
    ? candidates.find((candidate) => weakestGrade(candidate.thread) !== undefined)?.thread
    : undefined;
  const spec: ScrewSpec | undefined =
    thread === undefined || !read.ok || measured !== "length"
      ? undefined
      : { part: "screw", thread, head, lengthMm: read.mm };
  const match =
    spec?.lengthMm === undefined ? undefined : stockMatch(head, spec.thread, spec.lengthMm);
  const ofWhole =
    seen === undefined ? PANEL_SENTENCES.headFirst : `Measure it ${datumWords(head)}.`;
  const teach = measured === "length" ? ofWhole : TEACHING[measured];
  return (
    <View gap={8}>
      {part === "bolt" ? <HeadQuestion head={seen} /> : null}
      {part === "stud" ? <StudQuestion measured={measured} onChange={setChosen} /> : null}
      <ReadingPad
        key={measured}
        fields={[FIELD[measured]]}
        units={units}
        action="Take this length"
        teach={teach}
        onTake={([mm = 0], said) => {
          take(measured, mm, said);
          onDone();
        }}
      >
        {spec === undefined ? null : (
          <View gap={8}>
            <DatumPicture spec={spec} />
            {match === undefined ? null : (
              <>
                <Small role="status">{stockWords(match, spec.thread, units)}</Small>
                {isStockLength(match) ? null : (
                  <ActionButton
                    label={`Take ${nominalLengthWords(match.nearest, spec)}, the stock length`}
                    onPress={() => {
                      take("length", match.nearest, [nominalLengthWords(match.nearest, spec)]);
                      onDone();
                    }}
                  />
                )}
              </>
            )}
          </View>
        )}
      </ReadingPad>
    </View>
  );
}
