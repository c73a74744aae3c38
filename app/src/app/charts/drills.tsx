import { DrillsScreen } from "../../charts/drills/drills-screen";

export default function DrillsRoute() {
  return <DrillsScreen />;
}
