import { TOOLS } from "@root-gauge/core";
import { TOOL_WORDS } from "@root-gauge/core/say/bench";
import { DRILL_SET_WORDS, drillWords } from "@root-gauge/core/say/charts";
import { DRILL_SETS, drillsOf, ownedTaps } from "@root-gauge/core/mend/holes";
import { TAPS } from "@root-gauge/core/decide/joints";
import { MACHINE_CHOICES, MEND_SENTENCES, noSuchDrillWords } from "@root-gauge/core/say/mend";
import { TAP_WORDS } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useState } from "react";
import { changeSettings, useSettings } from "../../data/kept/settings";
import {
  drillNamed,
  setDrillSets,
  setMachine,
  setTaps,
  toggleDrill,
  toggleLooseDrill,
  useTools,
} from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { Chip } from "../../kit/chip";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Body, Heading, Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { ToggleChips } from "../../kit/toggle-chips";
import { PageColumns, PageHead } from "../../shell/page";
import { TapList } from "./tap-list";
import { WordsCard } from "../../order/callout/words-card";

const SET_CHOICES = DRILL_SETS.map((value) => ({ value, label: DRILL_SET_WORDS[value] }));
const TAP_CHOICES = TAPS.map((value) => ({ value, label: TAP_WORDS[value] }));
const TOOL_CHOICES = TOOLS.map((value) => ({ value, label: TOOL_WORDS[value] }));

/** The drills of the sets that are there, each to be struck out. */
function LostDrills() {
  const { drillSets = DRILL_SETS, missing = [] } = useTools();
  const [open, setOpen] = useState<string>();
  return (
    <View gap={8}>
      <Small>{MEND_SENTENCES.lostDrills}</Small>
      {drillSets.map((set) => (
        <View key={set} gap={8}>
          <ActionButton
            label={`${DRILL_SET_WORDS[set]}: ${missing.filter((lost) => lost.set === set).length} lost`}
            onPress={() => setOpen(open === set ? undefined : set)}
          />
          {open !== set ? null : (
            <View
              role="group"
              aria-label={`Lost of ${DRILL_SET_WORDS[set]}`}
              flexDirection="row"
              flexWrap="wrap"
              gap={6}
            >
              {drillsOf([set]).map((drill) => {
                const lost = missing.some((one) => one.set === set && one.mark === drill.mark);
                return (
                  <Chip
                    key={drill.mark}
                    role="checkbox"
                    aria-checked={lost}
                    label={lost ? `${drill.mark} lost` : drill.mark}
                    chosen={lost}
                    minWidth={56}
                    onPress={() => toggleDrill(drill)}
                  />
                );
              })}
            </View>
          )}
        </View>
      ))}
    </View>
  );
}

/** Drills beside the sets, by their names. */
function LooseDrills() {
  const { extra = [] } = useTools();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string>();
  const add = () => {
    const drill = drillNamed(text);
    if (drill === undefined) return setProblem(noSuchDrillWords(text.trim()));
    setProblem(undefined);
    toggleLooseDrill(drill);
    return setText("");
  };
  return (
    <View gap={8}>
      <TextEntry
        label="A loose drill"
        value={text}
        placeholder="8.5, 27/64, 7, F"
        longest={12}
        problem={problem}
        onChange={setText}
        onSubmit={add}
      />
      <ActionButton label="Add this drill" onPress={add} />
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {extra.map((drill) => (
          <Chip
            key={`${drill.set} ${drill.mark}`}
            label={`${drillWords(drill)}: take it off`}
            chosen={false}
            onPress={() => toggleLooseDrill(drill)}
          />
        ))}
      </View>
    </View>
  );
}

function Drills() {
  const { drillSets = DRILL_SETS } = useTools();
  return (
    <Card gap={12}>
      <Heading>Drills</Heading>
      <ToggleChips
        name="Drill sets on hand"
        values={drillSets}
        choices={SET_CHOICES}
        onChange={setDrillSets}
      />
      <LostDrills />
      <LooseDrills />
    </Card>
  );
}

function Measuring() {
  const { tools } = useSettings();
  return (
    <Card gap={8}>
      <Heading>To measure with</Heading>
      <ToggleChips
        name="Measuring tools on hand"
        values={tools}
        choices={TOOL_CHOICES}
        onChange={(next) => changeSettings({ tools: [...next] })}
      />
    </Card>
  );
}

/** The tools of the workshop: whole sets on, then what is lost struck out; used by Mend, Charts and the Bench. */
export function ToolsScreen() {
  const tools = useTools();
  return (
    <View flex={1} render="main">
      <PageHead title="Tools on hand" backTo="/mend" />
      <PageColumns
        first={
          <>
            <Body>{MEND_SENTENCES.toolsAll}</Body>
            <Drills />
          </>
        }
        second={
          <>
            <Card gap={12}>
              <Heading>Taps</Heading>
              <Label>Kinds of hand taps</Label>
              <ToggleChips
                name="Kinds of hand taps"
                values={ownedTaps(tools)}
                choices={TAP_CHOICES}
                onChange={setTaps}
              />
              <TapList kind="tapThreads" name="Taps for" />
              <TapList kind="stiThreads" name="Insert taps for" />
              <LabelledChips
                name="What turns the drill"
                all="Not said"
                value={tools.machine}
                choices={MACHINE_CHOICES}
                onChange={setMachine}
              />
            </Card>
            <Measuring />
            <WordsCard />
          </>
        }
      />
    </View>
  );
}
