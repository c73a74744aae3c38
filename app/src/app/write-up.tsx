import { WriteUpScreen } from "../sheet/write-up-screen";

export default function WriteUpRoute() {
  return <WriteUpScreen />;
}
