import { useLocalSearchParams } from "expo-router";
import { ThreadScreen } from "../../charts/thread/thread-screen";

export default function ThreadRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ThreadScreen id={id} />;
}
