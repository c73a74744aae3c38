import { fetchedLater } from "../../shell/fetched-later";

const ConvertScreen = fetchedLater((later) => later.ConvertScreen);

export default function ConvertRoute() {
  return <ConvertScreen />;
}
