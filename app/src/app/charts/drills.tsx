import { fetchedLater } from "../../shell/fetched-later";

const DrillsScreen = fetchedLater((later) => later.DrillsScreen);

export default function DrillsRoute() {
  return <DrillsScreen />;
}
