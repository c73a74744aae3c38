import { toolsWords } from "@root-gauge/core/say/mend";
import { useRouter } from "expo-router";
import { useTools } from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";

/** The tools that the plans are made from, and the way to say which there are. */
export function MendTools() {
  const router = useRouter();
  const tools = useTools();
  return (
    <Card gap={8}>
      <Heading>Tools on hand</Heading>
      <Body>{toolsWords(tools)}</Body>
      <ActionButton label="Say what is on hand" onPress={() => router.push("/tools")} />
    </Card>
  );
}
