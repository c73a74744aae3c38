import { summaryOf } from "@root-gauge/core";
import { formatCallout } from "@root-gauge/core/callout";
import { favouredThread, screwThatCameOut } from "@root-gauge/core/sheet";
import { SHEET_SENTENCES } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useState } from "react";
import { useBench } from "../data/use-bench";
import { changeBench } from "../data/bench";
import type { BenchPart } from "../data/kept-schemas";
import { saveIdentification } from "../data/saving";
import { useSettings } from "../data/settings";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { UnitsSwitch } from "../kit/units-switch";
import { threadPath } from "../shell/links";
import { PageActions, PageColumns, PageHead } from "../shell/page";
import { CalloutCard } from "./callout-card";
import { ThreadCaution } from "../kit/thread-caution";
import { JobPicker } from "./job-picker";
import { MarkCard } from "./mark-card";
import { ReadingList } from "./reading-list";
import { ReplacementCard } from "./replacement-card";
import { ThreadFacts } from "./thread-facts";
import { replacementOf, useReplacementDraft } from "./use-replacement-draft";

/** Why the part cannot be saved yet, or undefined when it can. */
function missing(part: BenchPart): string | undefined {
  if (part.readings.length === 0) return SHEET_SENTENCES.nothingRead;
  return part.jobId === null ? SHEET_SENTENCES.chooseJob : undefined;
}

/** Write it up: the call-out, where the part belongs, and saving it there. */
export function WriteUpScreen() {
  const router = useRouter();
  const { onBench: part, identification } = useBench();
  const { units } = useSettings();
  const [problem, setProblem] = useState<string>();
  const result = summaryOf(identification);
  const thread = favouredThread(result);
  const original = screwThatCameOut({ result, readings: part.readings });
  const derived = original === undefined ? "" : formatCallout(original);
  const draft = useReplacementDraft(part.replacement, derived);
  const asksForScrew = original !== undefined || part.replacement !== null;
  const describe = (change: Partial<Pick<BenchPart, "position" | "notes">>) =>
    changeBench({ type: "describe", change });

  const save = () => {
    const { identificationId, jobId, position, readings, options, notes, takenAt } = part;
    const why = missing(part) ?? (asksForScrew ? draft.problem : undefined);
    setProblem(why);
    if (why !== undefined || jobId === null) return;
    const replacement = asksForScrew ? replacementOf(draft) : part.replacement;
    const input = { jobId, position, readings, options, notes, takenAt, replacement };
    saveIdentification(identificationId, input, part.saw);
    router.replace(`/sheet/${identificationId}`);
  };

  return (
    <View flex={1} render="main">
      <PageHead title="Write it up" backTo="/" aside={<UnitsSwitch />} />
      <PageColumns
        first={
          <>
            <CalloutCard result={result} />
            {thread === undefined ? null : (
              <MarkCard thread={thread} side={result.side} readings={part.readings} />
            )}
            {asksForScrew ? <ReplacementCard draft={draft} original={original} /> : null}
            <JobPicker
              jobId={part.jobId}
              onChoose={(jobId) => changeBench({ type: "describe", change: { jobId } })}
            />
            <Card gap={8}>
              <Heading>Where it goes</Heading>
              <TextEntry
                label="Place on the machine"
                value={part.position}
                placeholder="Clamp bar, left front"
                longest={120}
                onChange={(position) => describe({ position })}
              />
              <TextEntry
                label="Notes"
                value={part.notes}
                lines={3}
                longest={4000}
                onChange={(notes) => describe({ notes })}
              />
            </Card>
          </>
        }
        second={
          <>
            <ReadingList readings={part.readings} units={units} />
            {thread === undefined ? null : (
              <ThreadFacts
                thread={thread}
                units={units}
                onChart={() => router.push(threadPath(thread.id))}
              />
            )}
            <ThreadCaution />
          </>
        }
      />
      <PageActions>
        {problem === undefined ? null : (
          <Body role="alert" color="$clash">
            {problem}
          </Body>
        )}
        <ActionButton primary label="Save to the job" onPress={save} />
      </PageActions>
    </View>
  );
}
