import { needsAcknowledgement } from "@root-gauge/core/catalogue/circumstances";
import { isCalloutProblem, type ScrewSpec } from "@root-gauge/core/callout";
import { cautionsOf, replacementProblems, specProblems } from "@root-gauge/core/decide/replace";
import { cautionWords, specProblemWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { CalloutEntry } from "../callout/callout-entry";
import { useOwnWords } from "../../data/record/own-words";
import { Card } from "../../kit/surface";
import { Body, Heading, Small } from "../../kit/text";
import { CautionsCard } from "../../shared/cautions-card";
import { CircumstancesCard } from "./circumstances-card";
import type { ReplacementDraft } from "./use-replacement-draft";
import { readCallout } from "../callout/read-callout";

/** What goes in where this part came out: the call-out, what hangs on the joint, and its caution. */
export function ReplacementCard({
  draft,
  original,
}: {
  draft: ReplacementDraft;
  /** The screw that came out, as it was read. */
  original: ScrewSpec | undefined;
}) {
  const { callout, circumstances, acknowledgedAt } = draft;
  const read = readCallout(callout, useOwnWords());
  const part = isCalloutProblem(read) ? undefined : read;
  const spec = part?.part === "screw" ? part : undefined;
  const grave = needsAcknowledgement(circumstances);
  const cautions = part === undefined ? [] : cautionsOf(part, circumstances).map(cautionWords);
  return (
    <>
      <Card gap={8}>
        <Heading>What goes in</Heading>
        <CalloutEntry label="As you would order it" value={callout} onChange={draft.setCallout} />
        {spec === undefined
          ? null
          : [
              ...(original === undefined ? [] : replacementProblems(original, spec)),
              ...specProblems(spec),
            ].map((problem) => (
              <Body key={problem.code} color="$clash">
                {specProblemWords(problem)}
              </Body>
            ))}
        <Small>{SHEET_SENTENCES.madeUp}</Small>
      </Card>
      <CircumstancesCard value={circumstances} onChange={draft.setCircumstances} />
      {cautions.length === 0 ? null : (
        <CautionsCard
          cautions={cautions}
          {...(grave
            ? { acknowledgement: { given: acknowledgedAt !== null, onGive: draft.acknowledge } }
            : {})}
        />
      )}
    </>
  );
}
