import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { startAnother, startAnotherLike } from "../data/bench";
import { draftOf, writeDraft } from "../data/drafts";
import { useSettings } from "../data/settings";
import { ForScreenReader } from "../kit/text";
import { useLayout } from "../kit/wide";
import { BenchNarrow } from "./bench-narrow";
import { BenchWide } from "./bench-wide";
import { CaliperContext, type LiveCaliperProps } from "./entry/caliper-context";
import { useWedge } from "./entry/use-wedge";
import { fetchedLater } from "../shell/fetched-later";
import { useBench } from "../data/use-bench";
import { useBenchKeys } from "./use-bench-keys";
import { usePanel } from "../shell/use-panel";

const LiveCaliper = fetchedLater((later) => later.LiveCaliper);
const liveCaliper = (props: LiveCaliperProps) => <LiveCaliper {...props} />;

/** Identify: opens first, ready to take a reading. */
export function BenchScreen() {
  const router = useRouter();
  const bench = useBench();
  const { units } = useSettings();
  const { wide } = useLayout();
  const panels = usePanel();
  const writeUp = () => router.push("/write-up");
  useBenchKeys({ open: panels.open, writeUp });
  // A caliper that types needs no touch: its first digit opens the pad.
  useWedge(panels.panel === undefined, (digit, goesOn) => {
    const field = bench.side === "internal" ? "bore" : "diameter";
    const before = goesOn ? (draftOf(field) ?? "") : "";
    writeDraft(field, before + digit);
    panels.open("diameter");
  });
  const actions = {
    onOpen: panels.open,
    onWriteUp: writeUp,
    onStartAnother: startAnother,
    onStartAnotherLike: startAnotherLike,
  };
  const Layout = wide ? BenchWide : BenchNarrow;
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
