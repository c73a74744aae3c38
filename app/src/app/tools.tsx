import { fetchedLater } from "../shell/fetched-later";

const ToolsScreen = fetchedLater((later) => later.ToolsScreen);

export default function ToolsRoute() {
  return <ToolsScreen />;
}
