import { MACHINE_SORTS } from "@root-gauge/contract";
import { POSITION_STATES } from "@root-gauge/core/record";
import { SORT_WORDS, STATE_WORDS, machinesByWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { z } from "zod/mini";
import { createKeptStore } from "../../data/kept/kept-store";
import type { MachinesBy } from "../../data/outbox/query-keys";
import { ChoiceChips } from "../../kit/choice-chips";
import { Pressable } from "../../kit/pressable";
import { Figure } from "../../kit/text";

const useStore = createKeptStore<{ by: MachinesBy }>({
  key: "rg.machines-by",
  schema: z.object({
    by: z.object({ sort: z.enum(MACHINE_SORTS), state: z.optional(z.enum(POSITION_STATES)) }),
  }),
  initial: () => ({ by: { sort: "changed" } }),
});

/** In which order this device lists the machines, and which of them. */
export function useMachinesBy(): MachinesBy {
  return useStore(({ by }) => by);
}

/** Says how the machines are listed; behind a touch, how else they may be. */
export function MachinesByChoice() {
  const [open, setOpen] = useState(false);
  const { sort, state } = useMachinesBy();
  return (
    <View gap={8} marginBottom={8}>
      <Pressable
        alignSelf="flex-start"
        paddingHorizontal={4}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      >
        <Figure textDecorationLine="underline">{machinesByWords(sort, state)}</Figure>
      </Pressable>
      {open ? (
        <>
          <ChoiceChips
            name="Sort the machines"
            value={sort}
            choices={MACHINE_SORTS.map((value) => ({ value, label: SORT_WORDS[value] }))}
            onChange={(chosen) => useStore.setState({ by: { sort: chosen ?? "changed", state } })}
          />
          <ChoiceChips
            name="Only machines with a place"
            all="All machines"
            value={state}
            choices={POSITION_STATES.map((value) => ({ value, label: STATE_WORDS[value] }))}
            onChange={(chosen) => useStore.setState({ by: { sort, state: chosen } })}
          />
        </>
      ) : null}
    </View>
  );
}
