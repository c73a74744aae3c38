import { clockWords } from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useEffect, useState } from "react";
import { startClock, type MendState } from "../../data/kept/mend-state";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Card } from "../../kit/surface";
import { Figure, Label } from "../../kit/text";

const TIMES = [
  { value: "10", label: "10 min" },
  { value: "30", label: "30 min" },
  { value: "120", label: "2 h" },
  { value: "1440", label: "24 h" },
] as const;

const SECOND_MS = 1000;
const MINUTE_MS = 60_000;

/** The time, anew each second. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), SECOND_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}

function Running({ from, minutes }: NonNullable<MendState["clock"]>) {
  const now = useNow();
  const goneMs = Math.max(0, now - Date.parse(from));
  const leftMs = minutes * MINUTE_MS - goneMs;
  return (
    <View gap={4}>
      <Figure fontSize="$verdict" lineHeight="$verdict" role="timer" aria-label="Time left">
        {clockWords(Math.max(0, leftMs))}
      </Figure>
      <Label role="status">{leftMs <= 0 ? "The time is up" : "left"}</Label>
    </View>
  );
}

/** A clock for what takes time by itself: it runs on while the plan is closed. */
export function StepClock({ clock }: Pick<MendState, "clock">) {
  const [minutes, setMinutes] = useState<(typeof TIMES)[number]["value"]>("30");
  return (
    <Card gap={8} role="region" aria-label="Clock">
      {clock === undefined ? null : <Running {...clock} />}
      <ChoiceChips
        name="For how long"
        value={minutes}
        choices={TIMES}
        onChange={(chosen = minutes) => setMinutes(chosen)}
      />
      <ActionButton
        label={clock === undefined ? "Start the clock" : "Start it anew"}
        onPress={() => startClock(Number(minutes), new Date())}
      />
    </Card>
  );
}
