import { useLocalSearchParams } from "expo-router";
import { SheetScreen } from "../../sheet/sheet-screen";

export default function SheetRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SheetScreen id={id} />;
}
