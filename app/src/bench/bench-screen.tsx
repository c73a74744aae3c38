import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { changeBench, startAnother, startAnotherLike } from "../data/bench";
import { useSettings } from "../data/settings";
import { Unseen } from "../kit/text";
import { useLayout } from "../kit/wide";
import { BenchNarrow } from "./bench-narrow";
import { BenchWide } from "./bench-wide";
import { useWedge } from "./entry/use-wedge";
import { useBench } from "./use-bench";
import { useBenchKeys } from "./use-bench-keys";
import { usePanel } from "../shell/use-panel";

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
    const before = goesOn ? (bench.state.drafts[field] ?? "") : "";
    changeBench({ type: "draft", field, text: before + digit });
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
      <Unseen render="h1">Bench</Unseen>
      <Layout
        bench={bench}
        units={units}
        panel={panels.panel}
        onClose={panels.close}
        {...actions}
      />
    </View>
  );
}
