import { View } from "@tamagui/core";
import { leads, threadName, type ThreadSide } from "@root-gauge/core";
import { useRouter } from "expo-router";
import { useCallback, useMemo } from "react";
import type { BenchWork } from "./bench-layout";
import { useBenchStore } from "../data/drafts/bench-store";
import { changeBench, startAnother, startAnotherLike } from "../data/drafts/bench";
import { draftOf, writeDraft } from "../data/drafts/drafts";
import { mendNothing } from "../data/drafts/mending";
import { useSettings } from "../data/kept/settings";
import { ForScreenReader } from "../kit/text";
import { useLayout } from "../kit/wide";
import { BenchNarrow, BenchShort } from "./bench-narrow";
import { BenchWide } from "./bench-wide";
import { CaliperContext, type LiveCaliperProps } from "./entry/caliper-context";
import { useWedge } from "./entry/use-wedge";
import { fetchLater, fetchedLater } from "../shell/fetched-later";
import { useBench } from "../data/drafts/use-bench";
import { useBenchKeys } from "./use-bench-keys";
import { useTitle } from "../shell/use-title";
import { usePanel, type PanelName } from "../shell/use-panel";
import { panelOfReading } from "./panel-of-reading";

const LiveCaliper = fetchedLater((later) => later.LiveCaliper);
const liveCaliper = (props: LiveCaliperProps) => <LiveCaliper {...props} />;

/** Opens a panel for one more reading: nothing is put right any more. */
function useOpening() {
  const { panel, open, close } = usePanel();
  const opening = useMemo(
    () => ({
      open: (name: PanelName) => {
        mendNothing();
        open(name);
      },
      openByKey: (name: PanelName) => {
        mendNothing();
        open(name, true);
      },
      mend: (at: number) => {
        const reading = useBenchStore.getState().part.readings[at];
        if (reading === undefined) return;
        mendNothing();
        // What was read of a stud's other end is put right there.
        if (reading.kind === "other-end") {
          changeBench({ type: "turn-round" });
          return;
        }
        void fetchLater().then(({ layOutToMend }) => {
          layOutToMend(at);
          open(panelOfReading(reading));
        });
      },
      type: (side: ThreadSide, digit: string, goesOn: boolean) => {
        const field = side === "internal" ? "bore" : "diameter";
        mendNothing();
        const before = goesOn ? (draftOf(field) ?? "") : "";
        writeDraft(field, before + digit);
        open("diameter", true);
      },
    }),
    [open],
  );
  return { panel, close, ...opening };
}

/** Identify: opens first, ready to take a reading. */
export function BenchScreen() {
  const router = useRouter();
  const bench = useBench();
  const { units } = useSettings();
  const { wide, short } = useLayout();
  const { panel, close, open, openByKey, mend, type } = useOpening();
  const writeUp = useCallback(() => router.push("/write-up"), [router]);
  useBenchKeys({ open: openByKey, writeUp });
  // A caliper that types needs no touch: its first digit opens the pad.
  useWedge(panel === undefined, (digit, goesOn) => type(bench.side, digit, goesOn));
  // What is said again is said by the same words, so that what does not depend on the panel is not drawn for it.
  const work = useMemo<BenchWork>(
    () => ({
      bench,
      units,
      onOpen: open,
      onMend: mend,
      onWriteUp: writeUp,
      onStartAnother: startAnother,
      onStartAnotherLike: startAnotherLike,
    }),
    [bench, units, open, mend, writeUp],
  );
  const [best] = bench.identification.candidates;
  useTitle(best !== undefined && leads(best) ? `Bench: ${threadName(best.thread)}` : "Bench");
  const Layout = wide ? BenchWide : short ? BenchShort : BenchNarrow;
  return (
    <View flex={1} render="main">
      <ForScreenReader render="h1">Bench</ForScreenReader>
      <CaliperContext value={liveCaliper}>
        <Layout work={work} panel={panel} onClose={close} />
      </CaliperContext>
    </View>
  );
}
