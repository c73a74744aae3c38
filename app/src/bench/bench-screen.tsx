import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { startAnother, startAnotherLike } from "../data/bench";
import { draftOf, writeDraft } from "../data/drafts";
import { mendNothing } from "../data/mending";
import { useSettings } from "../data/settings";
import { ForScreenReader } from "../kit/text";
import { useLayout } from "../kit/wide";
import { BenchNarrow, BenchShort } from "./bench-narrow";
import { BenchWide } from "./bench-wide";
import { CaliperContext, type LiveCaliperProps } from "./entry/caliper-context";
import { useWedge } from "./entry/use-wedge";
import { fetchLater, fetchedLater } from "../shell/fetched-later";
import { useBench } from "../data/use-bench";
import { useBenchKeys } from "./use-bench-keys";
import { usePanel, type PanelName } from "../shell/use-panel";
import { panelOfReading } from "./panel-of-reading";

const LiveCaliper = fetchedLater((later) => later.LiveCaliper);
const liveCaliper = (props: LiveCaliperProps) => <LiveCaliper {...props} />;

/** Identify: opens first, ready to take a reading. */
export function BenchScreen() {
  const router = useRouter();
  const bench = useBench();
  const { units } = useSettings();
  const { wide, short } = useLayout();
  const panels = usePanel();
  const writeUp = () => router.push("/write-up");
  const open = (panel: PanelName) => {
    mendNothing();
    panels.open(panel);
  };
  useBenchKeys({ open, writeUp });
  // A caliper that types needs no touch: its first digit opens the pad.
  useWedge(panels.panel === undefined, (digit, goesOn) => {
    const field = bench.side === "internal" ? "bore" : "diameter";
    mendNothing();
    const before = goesOn ? (draftOf(field) ?? "") : "";
    writeDraft(field, before + digit);
    panels.open("diameter");
  });
  const mend = (at: number) => {
    const reading = bench.onBench.readings[at];
    if (reading === undefined) return;
    mendNothing();
    void fetchLater().then(({ layOutToMend }) => {
      layOutToMend(at);
      panels.open(panelOfReading(reading));
    });
  };
  const actions = {
    onOpen: open,
    onMend: mend,
    onWriteUp: writeUp,
    onStartAnother: startAnother,
    onStartAnotherLike: startAnotherLike,
  };
  const Layout = wide ? BenchWide : short ? BenchShort : BenchNarrow;
  return (
    <View flex={1} render="main">
      <ForScreenReader render="h1">Bench</ForScreenReader>
      <CaliperContext value={liveCaliper}>
        <Layout
          bench={bench}
          units={units}
          panel={panels.panel}
          onClose={panels.close}
          {...actions}
        />
      </CaliperContext>
    </View>
  );
}
