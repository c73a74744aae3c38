import { OutboxScreen } from "../outbox/outbox-screen";

export default function OutboxRoute() {
  return <OutboxScreen />;
}
