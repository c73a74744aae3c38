import { ConvertScreen } from "../../charts/convert/convert-screen";

export default function ConvertRoute() {
  return <ConvertScreen />;
}
