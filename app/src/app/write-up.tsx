import { fetchedLater } from "../shell/fetched-later";

const WriteUpScreen = fetchedLater((later) => later.WriteUpScreen);

export default function WriteUpRoute() {
  return <WriteUpScreen />;
}
