import type { Replacement } from "@root-gauge/contract";
import { isCalloutProblem } from "@root-gauge/core/callout";
import {
  POSITION_SENTENCES,
  RECORD_SENTENCES,
  REORDER_SENTENCES,
  alikeWords,
} from "@root-gauge/core/say/record";
import { favouredThread, screwThatGoesIn } from "@root-gauge/core/decide/sheet";
import { cautionsOf } from "@root-gauge/core/decide/replace";
import { cautionWords } from "@root-gauge/core/say/sheet";
import { useRouter } from "expo-router";
import { useMachine } from "../../data/record/machine-queries";
import { useOwnWords } from "../../data/record/own-words";
import { usePosition, usePositions } from "../../data/record/position-queries";
import { useFindings } from "../../data/record/queries";
import { FoundThere } from "./found-there";
import { JobsOfPosition } from "./jobs-of-position";
import { RepairsThere } from "./repairs-there";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Small } from "../../kit/text";
import { enterMend } from "../../shared/enter-mend";
import { EditAside } from "../../edit/edit-aside";
import { EditPosition } from "./edit-position";
import { GoneNote } from "../../edit/gone-note";
import { useEdit } from "../../edit/use-edit";
import { Remarks } from "../notes/remarks";
import { PageActions, PageColumns, PageHead } from "../../shell/page";
import { CautionsCard } from "../../shared/cautions-card";
import { sheetPath } from "../../shell/sheet-address";
import { changePosition, type ShownPosition } from "../../edit/change-position";
import { History } from "../../edit/history";
import { layOnBench } from "../../shared/on-bench";
import { MoreLikeIt } from "./more-like-it";
import { StateChoice } from "./state-choice";
import { readCallout } from "../../order/callout/read-callout";

/** What must be known of the joint before anything goes in, as its sheet says it. */
function JointCautions({ spec }: { spec: Replacement }) {
  const words = useOwnWords();
  const part = readCallout(spec.callout, words);
  if (isCalloutProblem(part)) return null;
  const cautions = cautionsOf(part, spec.circumstances).map(cautionWords);
  return cautions.length === 0 ? null : <CautionsCard cautions={cautions} />;
}

/** What goes in, large, with the way to its sheet. */
function GoesIn({ position }: { position: ShownPosition }) {
  const router = useRouter();
  const { spec } = position;
  return (
    <Card gap={8} role="region" aria-label="What goes in">
      <Heading>Goes in</Heading>
      {spec === null ? (
        <Body>{POSITION_SENTENCES.nothingGoesIn}</Body>
      ) : (
        <>
          <Figure fontSize="$name" lineHeight="$name" userSelect="text">
            {spec.callout}
          </Figure>
          <JointCautions spec={spec} />
          <ActionButton
            label="Its sheet"
            says={`The sheet of ${spec.callout}`}
            onPress={() => router.push(sheetPath(spec.callout, spec.circumstances))}
          />
        </>
      )}
    </Card>
  );
}

function PositionBody({ position, beside }: { position: ShownPosition; beside: boolean }) {
  const router = useRouter();
  const { machine } = useMachine(position.machineId);
  const { positions } = usePositions(position.machineId);
  const { editing, leave } = useEdit(position.id);
  const at = { positionId: position.id };
  const { findings, query, more } = useFindings(at);
  const latest = findings.find(({ readings }) => readings.length > 0);
  const toMend = () => {
    const spec = latest && screwThatGoesIn(latest);
    const thread = (latest && favouredThread(latest.result)) ?? spec?.thread;
    enterMend({
      thread,
      machineId: position.machineId,
      position: position.path,
      positionId: position.id,
      gradeId: spec?.gradeId,
    });
    router.push("/mend");
  };
  return (
    <>
      <PageColumns
        narrow={beside}
        first={
          editing ? (
            <EditPosition
              position={position}
              positions={positions}
              onDone={leave}
              onRemoved={() => {
                leave();
                router.replace(`/machine/${position.machineId}`);
              }}
            />
          ) : (
            <>
              {position.removed ? (
                <GoneNote
                  says={POSITION_SENTENCES.gone}
                  name={position.name}
                  onPutBack={() => changePosition(position, { removed: false })}
                />
              ) : null}
              {position.archived ? <Body role="status">{REORDER_SENTENCES.archived}</Body> : null}
              {position.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
              <Body color="$quiet">
                {[machine?.name ?? "", position.path, alikeWords(position.alike)]
                  .filter((text) => text !== "")
                  .join(" · ")}
              </Body>
              <GoesIn position={position} />
              <StateChoice position={position} />
              <JobsOfPosition positionId={position.id} />
              {position.notes === "" ? null : <Body>{position.notes}</Body>}
              {position.unreadable.map((text) => (
                <Small key={text} color="$clash">
                  {text}
                </Small>
              ))}
              <MoreLikeIt position={position} />
              <ActionButton label="Mend it" onPress={toMend} />
            </>
          )
        }
        second={
          <>
            {findings.length === 0 && !query.isFetching ? (
              <Body>{query.error?.message ?? POSITION_SENTENCES.nothingFound}</Body>
            ) : null}
            <FoundThere
              title="Found here"
              findings={findings}
              more={query.hasNextPage ? more : undefined}
            />
            <RepairsThere at={at} />
            <Remarks positionId={position.id} />
            <History recordId={position.id} />
          </>
        }
      />
      {editing ? null : (
        <PageActions>
          <ActionButton
            primary
            label="Lay it on the Bench"
            onPress={() => {
              layOnBench(position, machine);
              router.push("/");
            }}
          />
        </PageActions>
      )}
    </>
  );
}

interface PositionColumnProps {
  readonly id: string;
  /** Whether the machine that it belongs to stands beside it. */
  readonly beside?: boolean;
}

/** A position of a machine: what goes in, how it stands, and what was found, mended and changed there. */
export function PositionColumn({ id, beside = false }: PositionColumnProps) {
  const { position, query } = usePosition(id);
  const { editing, begin } = useEdit(id);
  return (
    <>
      <PageHead
        title={position?.name ?? "Position"}
        {...(beside
          ? {}
          : { backTo: position === undefined ? "/jobs" : `/machine/${position.machineId}` })}
        aside={<EditAside editable={position !== undefined && !editing} onEdit={begin} />}
      />
      {position === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the position."}
        </Body>
      ) : (
        <PositionBody position={position} beside={beside} />
      )}
    </>
  );
}
