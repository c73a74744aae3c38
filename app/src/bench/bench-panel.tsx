import { Panel } from "../kit/panel";
import type { BenchLayoutProps } from "./bench-layout";
import { ComparePanel } from "./compare-panel";
import { DiameterEntry } from "./entry/diameter-entry";
import { FormEntry } from "./entry/form-entry";
import { HeadEntry } from "./entry/head-entry";
import { PitchEntry } from "./entry/pitch-entry";
import { FlatsEntry, LengthEntry, TaperEntry } from "./entry/size-entries";
import { TrialEntry } from "./entry/trial-entry";
import { FindPanel } from "./find-panel";
import { KeysPanel } from "./keys-panel";
import { PartPanel } from "./part-panel";
import { RuledOutPanel } from "./ruled-out-panel";
import { ToolsPanel } from "./tools-panel";

/** The panel that is open, if any. */
export function BenchPanel({ panel, bench, units, onOpen, onClose }: BenchLayoutProps) {
  const { identification, side } = bench;
  const { readings } = bench.state.part;
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
    case "pitch":
      return (
        <Panel title="Pitch" onClose={onClose}>
          <PitchEntry {...entry} candidates={identification.candidates} />
        </Panel>
      );
    case "form":
      return (
        <Panel title="Form and origin" onClose={onClose}>
          <FormEntry readings={readings} onMeasureTaper={() => onOpen("taper")} onDone={onClose} />
        </Panel>
      );
    case "length":
      return (
        <Panel title="How long it is" onClose={onClose}>
          <LengthEntry {...entry} />
        </Panel>
      );
    case "head":
      return (
        <Panel title="Mark on the head or nut" onClose={onClose}>
          <HeadEntry readings={readings} onDone={onClose} />
        </Panel>
      );
    case "flats":
      return (
        <Panel title="Across the flats" onClose={onClose}>
          <FlatsEntry {...entry} />
        </Panel>
      );
    case "taper":
      return (
        <Panel title="Taper, by both ends" onClose={onClose}>
          <TaperEntry {...entry} />
        </Panel>
      );
    case "trial":
      return (
        <Panel title="Try a known part" onClose={onClose}>
          <TrialEntry candidates={identification.candidates} partIs={side} onDone={onClose} />
        </Panel>
      );
    case "part":
      return <PartPanel part={bench.part} onClose={onClose} />;
    case "tools":
      return <ToolsPanel onClose={onClose} />;
    case "compare":
      return (
        <ComparePanel candidates={identification.candidates} units={units} onClose={onClose} />
      );
    case "ruled-out":
      return (
        <RuledOutPanel
          candidates={identification.candidates}
          majorMm={bench.sizes.majorMm}
          units={units}
          onClose={onClose}
        />
      );
    case "find":
      return <FindPanel identification={identification} units={units} onClose={onClose} />;
    case "keys":
      return <KeysPanel onClose={onClose} />;
    case "filters":
    case undefined:
      return null;
  }
}
