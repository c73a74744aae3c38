import { LONGEST } from "@root-gauge/core/record";
import { summaryOf } from "@root-gauge/core";
import { formatCallout } from "@root-gauge/core/callout";
import { favouredThread, screwThatCameOut } from "@root-gauge/core/decide/sheet";
import { SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useBench } from "../../data/drafts/use-bench";
import { changeBench } from "../../data/drafts/bench";
import type { BenchPart } from "../../data/kept/kept-schemas";
import { saveIdentification } from "../../data/outbox/saving";
import { useSettings } from "../../data/kept/settings";
import { ActionButton } from "../../kit/action-button";
import { Body } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { useScrollTo } from "../../kit/use-scroll-to";
import { UnitsSwitch } from "../../kit/units-switch";
import { threadPath } from "../../shell/links";
import { PageActions, PageColumns, PageHead } from "../../shell/page";
import { CalloutCard } from "./callout-card";
import { ThreadCaution } from "../../kit/thread-caution";
import { MarkCard } from "./mark-card";
import { ReadingList } from "./reading-list";
import { ReplacementCard } from "../replacement/replacement-card";
import { ThreadFacts } from "./thread-facts";
import { WhereCard } from "../../shared/where-card";
import { replacementOf, useReplacementDraft } from "../replacement/use-replacement-draft";

/** Why the part cannot be saved yet, and where on the page that is put right. */
interface Missing {
  readonly at: "readings" | "goes-in" | "where";
  readonly why: string;
}

function missing(part: BenchPart, goesIn: string | undefined): Missing | undefined {
  if (part.readings.length === 0) return { at: "readings", why: SHEET_SENTENCES.nothingRead };
  if (goesIn !== undefined) return { at: "goes-in", why: goesIn };
  return part.machineId === null ? { at: "where", why: SHEET_SENTENCES.chooseMachine } : undefined;
}

/** What is wrong, beside what it is wrong with. */
function SaidHere({ problem }: { problem: string | undefined }) {
  return problem === undefined ? null : (
    <Body role="alert" color="$clash">
      {problem}
    </Body>
  );
}

/** Write it up: the call-out, where the part belongs, and saving it there. */
export function WriteUpScreen() {
  // The page's own head answers the touch.
  const later = useAfterFirstPaint();
  return (
    <View flex={1} render="main">
      <PageHead title="Write it up" backTo="/" aside={<UnitsSwitch />} />
      {later ? <WriteUp /> : null}
    </View>
  );
}

function WriteUp() {
  const router = useRouter();
  const { onBench: part, identification } = useBench();
  const { units } = useSettings();
  const [problem, setProblem] = useState<Missing>();
  // The sheet is there at once; what is asked for it follows in the next frame.
  const later = useAfterFirstPaint();
  const [whereRef, toWhere] = useScrollTo();
  const [goesInRef, toGoesIn] = useScrollTo();
  const [readingsRef, toReadings] = useScrollTo();
  const result = summaryOf(identification);
  const thread = favouredThread(result);
  const original = screwThatCameOut({ result, ...part });
  const derived = original === undefined ? "" : formatCallout(original);
  const draft = useReplacementDraft(part.replacement, derived);
  const asksForScrew = original !== undefined || part.replacement !== null;
  const describe = (
    change: Partial<Pick<BenchPart, "machineId" | "position" | "positionId" | "notes">>,
  ) => {
    setProblem(undefined);
    changeBench({ type: "describe", change });
  };
  const said = (at: Missing["at"]) => (problem?.at === at ? problem.why : undefined);

  const save = () => {
    const { identificationId, machineId, position, positionId } = part;
    const { readings, options, notes, takenAt } = part;
    const found = missing(part, asksForScrew ? draft.problem : undefined);
    setProblem(found);
    if (found !== undefined) {
      ({ readings: toReadings, "goes-in": toGoesIn, where: toWhere })[found.at]();
    }
    if (found !== undefined || machineId === null) return;
    const replacement = asksForScrew ? replacementOf(draft) : part.replacement;
    const where = { machineId, position, ...(positionId === undefined ? {} : { positionId }) };
    const input = { ...where, readings, options, notes, takenAt, replacement };
    saveIdentification(identificationId, input, part.saw);
    router.replace(`/sheet/${identificationId}`);
  };

  return (
    <>
      <PageColumns
        first={
          <>
            <CalloutCard part={{ result, readings: part.readings }} />
            {thread === undefined ? null : (
              <MarkCard thread={thread} side={result.side} readings={part.readings} />
            )}
            <View ref={readingsRef}>
              <ReadingList readings={part.readings} units={units} />
              <SaidHere problem={said("readings")} />
            </View>
            {thread === undefined || !later ? null : (
              <ThreadFacts
                thread={thread}
                units={units}
                onChart={() => router.push(threadPath(thread.id))}
              />
            )}
            <ThreadCaution />
          </>
        }
        second={
          !later ? null : (
            <>
              {asksForScrew ? (
                <View ref={goesInRef} gap={12}>
                  <ReplacementCard draft={draft} original={original} />
                  <SaidHere problem={said("goes-in")} />
                </View>
              ) : null}
              <WhereCard
                ref={whereRef}
                where={part}
                placeholder="Clamp bar, left front"
                problem={said("where")}
                onChange={describe}
              >
                <TextEntry
                  label="Notes"
                  value={part.notes}
                  lines={3}
                  longest={LONGEST.notes}
                  onChange={(notes) => describe({ notes })}
                />
              </WhereCard>
            </>
          )
        }
      />
      <PageActions>
        <ActionButton primary label="Save to the machine" onPress={save} />
      </PageActions>
    </>
  );
}
