import {
  standingOf,
  type Identification,
  type MeasuredSizes,
  type PartKind,
  type Reading,
  type ThreadSide,
  type Units,
} from "@root-gauge/core";
import { ComparePanel } from "./compare-panel";
import { FormEntry } from "./entry/form-entry";
import { PitchEntry } from "./entry/pitch-entry";
import { HeadEntry } from "./entry/head-entry";
import { LengthEntry } from "./entry/length-entry";
import { DepthEntry, FlatsEntry, TaperEntry } from "./entry/size-entries";
import { TrialEntry } from "./entry/trial-entry";
import { Panel } from "../kit/panel";
import type { PanelName } from "../shell/use-panel";
import { MachinePanel } from "./machine-panel";
import { KeysPanel } from "./keys-panel";
import { PartPanel } from "./part-panel";
import { RuledOutPanel } from "./ruled-out-panel";
import { ToolsPanel } from "./tools-panel";

/** All but the first reading, and what belongs to another room. */
type RarePanel = Exclude<PanelName, "diameter" | "find" | "filters">;

export interface RarePanelProps {
  readonly panel: RarePanel;
  readonly part: PartKind;
  readonly identification: Identification;
  readonly sizes: MeasuredSizes;
  readonly readings: readonly Reading[];
  readonly side: ThreadSide;
  readonly units: Units;
  readonly onOpen: (panel: PanelName) => void;
  readonly onClose: () => void;
}

/** Panels that are not wanted for the first reading: their code is fetched after the Bench has opened. */
export function RarePanels(props: RarePanelProps) {
  const { panel, part, identification, sizes, readings, side, units, onOpen, onClose } = props;
  const { candidates, verdict } = identification;
  const standing = standingOf(verdict, candidates);
  const notRuledOut = [...standing.running, ...standing.lessLikely];
  const entry = { units, onDone: onClose };
  switch (panel) {
    case "machine":
      return <MachinePanel onClose={onClose} />;
    case "pitch":
      return (
        <Panel title="Pitch" onClose={onClose}>
          <PitchEntry {...entry} candidates={candidates} />
        </Panel>
      );
    case "part":
      return <PartPanel part={part} onClose={onClose} />;
    case "form":
      return (
        <Panel title="Form and origin" onClose={onClose}>
          <FormEntry
            readings={readings}
            outside={side === "external"}
            onTaper={() => onOpen("taper")}
            onDepth={() => onOpen("depth")}
            onDone={onClose}
          />
        </Panel>
      );
    case "length":
      return (
        <Panel title="How long it is" onClose={onClose}>
          <LengthEntry
            part={part}
            readings={readings}
            candidates={candidates}
            units={units}
            onDone={onClose}
          />
        </Panel>
      );
    case "head":
      return (
        <Panel title="Mark, head and finish" onClose={onClose}>
          <HeadEntry part={part} readings={readings} onDone={onClose} />
        </Panel>
      );
    case "flats":
      return (
        <Panel title="Across the flats" onClose={onClose}>
          <FlatsEntry {...entry} />
        </Panel>
      );
    case "depth":
      return (
        <Panel title="Depth of thread" onClose={onClose}>
          <DepthEntry {...entry} />
        </Panel>
      );
    case "taper":
      return (
        <Panel title="Taper" onClose={onClose}>
          <TaperEntry {...entry} readings={readings} />
        </Panel>
      );
    case "trial":
      return (
        <Panel title="Try a known part" onClose={onClose}>
          <TrialEntry candidates={candidates} partIs={side} onDone={onClose} />
        </Panel>
      );
    case "tools":
      return <ToolsPanel onClose={onClose} />;
    case "compare":
      return <ComparePanel candidates={notRuledOut} units={units} onClose={onClose} />;
    case "ruled-out":
      return (
        <RuledOutPanel
          fallen={standing.ruledOut}
          majorMm={sizes.majorMm}
          units={units}
          onClose={onClose}
        />
      );
    case "keys":
      return <KeysPanel onClose={onClose} />;
  }
}
