import { readLength, type Units } from "@root-gauge/core";
import { drillWords } from "@root-gauge/core/say/charts";
import { ownedDrills } from "@root-gauge/core/mend/holes";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { useTools } from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { Small } from "../../kit/text";

const ANY = { minMm: 0.1, maxMm: 200 };
/** Where the search begins while nothing is typed: about the bore of an M6. */
const FIRST_MM = 5;

/** The shanks of the drills on hand as pins: up until one does not go in any more. */
export function OwnedPins({ units }: { units: Units }) {
  const drills = ownedDrills(useTools());
  const typed = readLength(useDraft("bore") ?? "", units, ANY);
  const sizeMm = typed.ok ? typed.mm : FIRST_MM;
  const above = drills.findIndex(({ mm }) => mm > sizeMm + 1e-6);
  const largest = drills[(above === -1 ? drills.length : above) - 1];
  const next = above === -1 ? undefined : drills[above];
  const isTyped = typed.ok && largest !== undefined && Math.abs(largest.mm - sizeMm) < 1e-6;
  const smaller = isTyped ? drills[drills.indexOf(largest) - 1] : largest;
  const take = (mm: number) => writeDraft("bore", `${mm} mm`);
  return (
    <View gap={4} role="group" aria-label="Your drills as pins">
      <View flexDirection="row" gap={8}>
        {smaller === undefined ? null : (
          <ActionButton
            flex={1}
            label={`${drillWords(smaller)} goes in`}
            onPress={() => take(smaller.mm)}
          />
        )}
        {next === undefined ? null : (
          <ActionButton
            flex={1}
            label={`${drillWords(next)} goes in`}
            onPress={() => take(next.mm)}
          />
        )}
      </View>
      <Small>{PANEL_SENTENCES.drillsAsPins}</Small>
    </View>
  );
}
