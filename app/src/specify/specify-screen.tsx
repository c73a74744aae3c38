import {
  USUAL_CIRCUMSTANCES,
  companionsOf,
  lookedAt,
  nutAdviceWords,
  readHoleSize,
  specify,
  washerAdviceWords,
  type HoleMaterial,
  type HoleToFill,
  type PartMetal,
  type Thread,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useSettings } from "../data/settings";
import { useSpecifyState, type SpecifyState } from "../data/specify-state";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";
import { PageActions, PageColumns, PageHead } from "../shell/page";
import { HoleCard, typedLength } from "./hole-card";
import { LengthCard } from "./length-card";
import { Offer } from "./offer";
import { ScrewCard } from "./screw-card";

/** The metal a fastener touches, of what a hole is cut in. */
const METAL_OF: Readonly<Record<HoleMaterial, PartMetal>> = {
  steel: "steel",
  "cast-iron": "cast-iron",
  "aluminium-cast": "aluminium",
  "aluminium-wrought": "aluminium",
  magnesium: "magnesium",
  brass: "brass",
  plastic: "plastic",
};

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
  if (thread === undefined) return "Give the hole’s thread, or what it measures across.";
  if (state.grip.trim() === "") return "Give the thickness that is clamped.";
  return state.kind === "clear" ? "Give the thickness that is clamped." : "Give the hole’s depth.";
}

/** From a hole, without a sample, to the screw that fills it. */
export function SpecifyScreen() {
  const { units } = useSettings();
  const state = useSpecifyState();
  const size = readHoleSize(state.size, state.kind, units);
  const threads = size.kind === "thread" || size.kind === "measured" ? size.threads : [];
  const thread = threads.find(({ id }) => id === state.threadId) ?? threads[0];
  const hole = holeOf(
    state,
    thread,
    typedLength(state.grip, units),
    typedLength(state.depth, units),
  );
  const found = hole === undefined ? undefined : specify(hole);
  const looked =
    hole === undefined || found === undefined ? undefined : lookedAt(hole, found, state.lengthMm);
  const circumstances = { ...USUAL_CIRCUMSTANCES, metal: METAL_OF[state.material] };
  const companions = looked === undefined ? undefined : companionsOf(looked.spec, circumstances);
  return (
    <View flex={1} render="main">
      <PageHead title="Specify from a hole" backTo="/" aside={<UnitsSwitch />} />
      <PageColumns
        first={
          <>
            <HoleCard state={state} size={size} thread={thread} units={units} />
            {thread === undefined || found === undefined ? null : (
              <ScrewCard state={state} thread={thread} grade={found.grade} />
            )}
          </>
        }
        second={
          hole === undefined || found === undefined || looked === undefined ? (
            <Card>
              <Body role="status">{missing(state, thread)}</Body>
            </Card>
          ) : (
            <>
              <LengthCard hole={hole} found={found} looked={looked} units={units} />
              {companions === undefined ? null : (
                <Card gap={6}>
                  <Heading>Nut and washer</Heading>
                  {state.kind === "clear" ? (
                    <Body>{nutAdviceWords(companions.nut, units)}</Body>
                  ) : null}
                  <Body>{washerAdviceWords(companions.washer, units)}</Body>
                </Card>
              )}
            </>
          )
        }
      />
      <PageActions>
        {hole === undefined || found === undefined || looked === undefined ? (
          <Body>{missing(state, thread)}</Body>
        ) : (
          <Offer hole={hole} found={found} looked={looked} circumstances={circumstances} />
        )}
      </PageActions>
    </View>
  );
}
