import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const SheetScreen = fetchedLater((later) => later.SheetScreen);

export default function SheetRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <SheetScreen id={id} />;
}
