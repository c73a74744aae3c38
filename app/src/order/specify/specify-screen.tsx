import type { Thread } from "@root-gauge/core";
import { nutAdviceWords, washerAdviceWords, SHEET_SENTENCES } from "@root-gauge/core/say/sheet";
import { fillHole, readHoleSize, type HoleToFill } from "@root-gauge/core/decide/specify";
import { View } from "@tamagui/core";
import { useSettings } from "../../data/kept/settings";
import { specifyUnits, useSpecifyState, type SpecifyState } from "../../data/kept/specify-state";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";
import { UnitsSwitch } from "../../kit/units-switch";
import { PageActions, PageColumns, PageHead } from "../../shell/page";
import { useLinkedState, type LinkParams } from "../../shell/use-linked-state";
import { specifyAddress, takeSpecifyParams } from "./specify-link";
import { HoleCard, typedLength } from "./hole-card";
import { LengthCard } from "./length-card";
import { Offer } from "./offer";
import { ScrewCard } from "./screw-card";

function holeOf(
  state: SpecifyState,
  thread: Thread | undefined,
  gripMm: number | undefined,
  depthMm: number | undefined,
): HoleToFill | undefined {
  if (thread === undefined || gripMm === undefined) return undefined;
  const { kind, material, tap, room, washer, gradeId } = state;
  return {
    kind,
    thread,
    gripMm,
    material,
    tap,
    room,
    washer,
    ...(depthMm === undefined ? {} : { depthMm }),
    ...(gradeId === undefined ? {} : { gradeId }),
  };
}

/** What is still to be said before a length can be found. */
function missing(state: SpecifyState, thread: Thread | undefined): string {
  if (thread === undefined) return SHEET_SENTENCES.giveThread;
  if (state.grip.trim() === "") return SHEET_SENTENCES.giveGrip;
  return state.kind === "clear" ? SHEET_SENTENCES.giveGrip : SHEET_SENTENCES.giveDepth;
}

/** From a hole, without a sample, to the screw that fills it. */
export function SpecifyScreen({ params }: { params: LinkParams }) {
  const { units } = useSettings();
  const state = useSpecifyState();
  useLinkedState("specify", params, specifyAddress(state), takeSpecifyParams);
  const typedIn = specifyUnits(state, units);
  const size = readHoleSize(state.size, state.kind, typedIn);
  const threads = size.kind === "thread" || size.kind === "measured" ? size.threads : [];
  const thread = threads.find(({ id }) => id === state.threadId) ?? threads[0];
  const hole = holeOf(
    state,
    thread,
    typedLength(state.grip, typedIn),
    typedLength(state.depth, typedIn),
  );
  const filled = hole === undefined ? undefined : fillHole(hole, state.lengthMm);
  return (
    <View flex={1} render="main">
      <PageHead title="Specify from a hole" backTo="/" aside={<UnitsSwitch />} />
      <PageColumns
        first={
          <>
            <HoleCard state={state} size={size} thread={thread} units={typedIn} />
            {filled === undefined ? null : (
              <ScrewCard state={state} thread={filled.hole.thread} grade={filled.found.grade} />
            )}
          </>
        }
        second={
          filled === undefined ? (
            <Card>
              <Body role="status">{missing(state, thread)}</Body>
            </Card>
          ) : (
            <>
              <LengthCard filled={filled} units={units} />
              <Card gap={6}>
                <Heading>Nut and washer</Heading>
                {state.kind === "clear" ? (
                  <Body>{nutAdviceWords(filled.companions.nut, units)}</Body>
                ) : null}
                <Body>{washerAdviceWords(filled.companions.washer, units)}</Body>
              </Card>
            </>
          )
        }
      />
      <PageActions>
        {filled === undefined ? <Body>{missing(state, thread)}</Body> : <Offer filled={filled} />}
      </PageActions>
    </View>
  );
}
