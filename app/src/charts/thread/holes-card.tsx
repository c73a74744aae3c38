import { hexSpanner, printLength, type Thread, type Units } from "@root-gauge/core";
import { drillWords, holeSourcesWords } from "@root-gauge/core/say/charts";
import {
  chartDrill,
  clearanceHoles,
  drillBeforeReamer,
  percentThread,
  tapDrills,
} from "@root-gauge/core/mend/holes";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { changeCharts } from "../../data/kept/charts-state";
import { useTools } from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { Facts, type Fact } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Small } from "../../kit/text";

/** Nuts of power screws are bored to their minor diameter, and taper holes to their small end: there is no share to choose. */
const isTapped = ({ family, taper }: Thread) =>
  taper === undefined && !["trapezoidal", "acme", "square"].includes(family);

/** The hole to tap, the hole to clear and the spanner, in the units asked for. */
export function holeFacts(thread: Thread, units: Units): Fact[] {
  const { drill } = chartDrill(thread);
  const clearance = clearanceHoles(thread);
  const spanner = hexSpanner(thread);
  const reamed = drillBeforeReamer(thread);
  const percent = Math.round(percentThread(thread, drill.mm));
  return [
    ["Tapping drill", `${drillWords(drill)} (${printLength(drill.mm, units)})`],
    ...(reamed === undefined
      ? []
      : [
          [
            "Before a taper reamer",
            `${drillWords(reamed)} (${printLength(reamed.mm, units)})`,
          ] as const,
        ]),
    ...(isTapped(thread) ? [["Share of full thread", `${percent} %`] as const] : []),
    ...(clearance === undefined
      ? []
      : (["close", "normal", "free"] as const).map((fit): Fact => [
          `Clearance, ${fit}`,
          `${clearance[fit].mark} (${printLength(clearance[fit].mm, units)})`,
        ])),
    ...(spanner === undefined
      ? []
      : [
          [
            "Spanner, hexagon bolt",
            `${spanner.mark} (${printLength(spanner.acrossFlatsMm, units)})`,
          ] as const,
        ]),
  ];
}

/** Drill, clearance and spanner of a thread, and drills of the owned sets that would do. */
export function HolesCard({ thread, units }: { thread: Thread; units: Units }) {
  const router = useRouter();
  const tools = useTools();
  const { basis } = chartDrill(thread);
  const standard = clearanceHoles(thread)?.standard;
  const ranked = isTapped(thread) ? tapDrills(thread, { tools, most: 5 }) : [];
  const toDrills = () => {
    changeCharts({ drillThread: thread.designation });
    router.push("/charts/drills");
  };
  return (
    <Card gap={8}>
      <Heading>Holes and spanner</Heading>
      <Facts facts={holeFacts(thread, units)} />
      <Small>{holeSourcesWords(basis, standard)}</Small>
      {ranked.length > 0 ? (
        <View gap={4}>
          <Body color="$quiet">Nearest to 70 % from your drills</Body>
          <View flexDirection="row" flexWrap="wrap" gap={8}>
            {ranked.map(({ drill, percent }) => (
              <Figure key={`${drill.set} ${drill.mark}`}>
                {`${drillWords(drill)}, ${Math.round(percent)} %`}
              </Figure>
            ))}
          </View>
        </View>
      ) : null}
      <ActionButton label="All drills for this thread" onPress={toDrills} />
    </Card>
  );
}
