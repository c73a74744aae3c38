import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const OrderScreen = fetchedLater((later) => later.OrderScreen);

export default function OrderRoute() {
  const { machine, job } = useLocalSearchParams<{ machine?: string; job?: string }>();
  return <OrderScreen machine={machine} job={job} />;
}
