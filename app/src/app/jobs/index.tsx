import { fetchedLater } from "../../shell/fetched-later";

const MachinesScreen = fetchedLater((later) => later.MachinesScreen);

export default function MachinesRoute() {
  return <MachinesScreen />;
}
