import { Panel } from "../kit/panel";
import { fetchedLater } from "../shell/fetched-later";
import type { BenchLayoutProps } from "./bench-layout";
import { FindPanel } from "./find-panel";
import { DiameterEntry } from "./entry/diameter-entry";

const RarePanels = fetchedLater((later) => later.RarePanels);

/** The panel that is open, if any. */
export function BenchPanel({ work, panel, onClose }: BenchLayoutProps) {
  const { bench, units, onOpen } = work;
  const { identification, side } = bench;
  const { readings } = bench.onBench;
  const entry = { units, onDone: onClose };
  switch (panel) {
    case "diameter":
      return (
        <Panel
          title={side === "external" ? "Diameter over the crests" : "Bore over the crests"}
          onClose={onClose}
        >
          <DiameterEntry {...entry} side={side} />
        </Panel>
      );
    // Its field takes the keys that are typed after `/`, so it is there at once.
    case "find":
      return <FindPanel identification={identification} units={units} onClose={onClose} />;
    case "filters":
    case undefined:
      return null;
    default:
      return (
        <RarePanels
          panel={panel}
          part={bench.part}
          identification={identification}
          sizes={bench.sizes}
          readings={readings}
          side={side}
          units={units}
          onOpen={onOpen}
          onClose={onClose}
        />
      );
  }
}
