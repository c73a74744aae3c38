import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const ThreadScreen = fetchedLater((later) => later.ThreadScreen);

export default function ThreadRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ThreadScreen id={id} />;
}
