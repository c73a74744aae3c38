import { Panel } from "../kit/panel";
import type { BenchLayoutProps } from "./bench-layout";
import { DiameterEntry } from "./entry/diameter-entry";
import { FormEntry } from "./entry/form-entry";
import { PitchEntry } from "./entry/pitch-entry";
import { FindPanel } from "./find-panel";
import { KeysPanel } from "./keys-panel";
import { RuledOutPanel } from "./ruled-out-panel";

/** The panel that is open, if any. */
export function BenchPanel({ panel, bench, units, onClose }: BenchLayoutProps) {
  const { identification } = bench;
  switch (panel) {
    case "diameter":
      return (
        <Panel title="Diameter over the crests" onClose={onClose}>
          <DiameterEntry units={units} onDone={onClose} />
        </Panel>
      );
    case "pitch":
      return (
        <Panel title="Pitch" onClose={onClose}>
          <PitchEntry candidates={identification.candidates} units={units} onDone={onClose} />
        </Panel>
      );
    case "form":
      return (
        <Panel title="Form and origin" onClose={onClose}>
          <FormEntry readings={bench.state.part.readings} onDone={onClose} />
        </Panel>
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
