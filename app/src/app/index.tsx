import { BenchScreen } from "../bench/bench-screen";

export default function BenchRoute() {
  return <BenchScreen />;
}
