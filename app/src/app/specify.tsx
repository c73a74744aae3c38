import { SpecifyScreen } from "../specify/specify-screen";

export default function SpecifyRoute() {
  return <SpecifyScreen />;
}
