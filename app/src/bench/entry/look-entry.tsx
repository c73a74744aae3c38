import {
  DRIVE_WORDS,
  FINISH_WORDS,
  HEAD_WORDS,
  drivesOf,
  lastReading,
  upperFirst,
  type Drive,
  type Finish,
  type HeadStyle,
  type Reading,
} from "@root-gauge/core";
import { FINISHES, HEAD_STYLES } from "@root-gauge/core/lists";
import { TEACHING, lengthDatumWords } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { changeBench } from "../../data/drafts/bench";
import { ChoiceChips } from "../../kit/choice-chips";
import { LabelledChips } from "../../kit/labelled-chips";
import { Heading, Small } from "../../kit/text";

const HEADS = HEAD_STYLES.map((value) => ({ value, label: upperFirst(HEAD_WORDS[value]) }));
const FINISH_CHOICES = FINISHES.map((value) => ({ value, label: upperFirst(FINISH_WORDS[value]) }));
const MAGNET = [
  { value: "sticks", label: "Sticks" },
  { value: "slips", label: "Does not stick" },
] as const;

function answer<Kind extends Reading["kind"]>(kind: Kind, reading: Reading | undefined): void {
  changeBench({ type: "answer", kind, reading });
}

const takeHead = (head: HeadStyle | undefined, drive?: Drive) =>
  answer(
    "head-style",
    head === undefined
      ? undefined
      : { kind: "head-style", head, ...(drive === undefined ? {} : { drive }) },
  );

const takeFinish = (finish: Finish | undefined) =>
  answer("finish", finish === undefined ? undefined : { kind: "finish", finish });

/** The head, what turns it, where its length is then measured, the finish, and whether a magnet holds it. */
export function LookEntry({ headed, readings }: { headed: boolean; readings: readonly Reading[] }) {
  const style = lastReading(readings, "head-style");
  const finish = lastReading(readings, "finish")?.finish;
  const magnet = lastReading(readings, "magnet");
  const drives = style === undefined ? [] : drivesOf(style.head);
  return (
    <>
      {headed ? (
        <View gap={8}>
          <Heading>Head</Heading>
          <Small>{TEACHING["head-style"]}</Small>
          <ChoiceChips
            name="Head"
            value={style?.head}
            choices={HEADS}
            onChange={(head) => takeHead(head === style?.head ? undefined : head)}
          />
          {style === undefined ? null : <Small role="status">{lengthDatumWords(style.head)}</Small>}
          {style === undefined || drives.length < 2 ? null : (
            <LabelledChips
              name="Turned by"
              value={style.drive ?? drives[0]}
              choices={drives.map((value) => ({ value, label: upperFirst(DRIVE_WORDS[value]) }))}
              onChange={(drive) => takeHead(style.head, drive)}
            />
          )}
        </View>
      ) : null}
      <View gap={8}>
        <Heading>Finish and magnet</Heading>
        <Small>{TEACHING.finish}</Small>
        <ChoiceChips
          name="Finish"
          value={finish}
          choices={FINISH_CHOICES}
          onChange={(chosen) => takeFinish(chosen === finish ? undefined : chosen)}
        />
        <Small>{TEACHING.magnet}</Small>
        <ChoiceChips
          name="Magnet"
          value={magnet === undefined ? undefined : magnet.sticks ? "sticks" : "slips"}
          choices={MAGNET}
          onChange={(chosen) =>
            answer(
              "magnet",
              chosen === undefined ? undefined : { kind: "magnet", sticks: chosen === "sticks" },
            )
          }
        />
      </View>
    </>
  );
}
