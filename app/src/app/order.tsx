import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../shell/fetched-later";

const OrderScreen = fetchedLater((later) => later.OrderScreen);

export default function OrderRoute() {
  const { machine } = useLocalSearchParams<{ machine?: string }>();
  return <OrderScreen machineId={machine} />;
}
