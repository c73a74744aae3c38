import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { api } from "../server/api";
import { useMetStore } from "../kept/met-state";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS } from "../outbox/query-keys";

/**
 * The counts of this device are those of the server. Used where the Bench shows what it weighs: it stands outside the rooms
 * that are given the server's answers, and names their client itself.
 */
export function useMetOfServer(): void {
  const { data } = useQuery({ queryKey: QUERY_KEYS.met, queryFn: api.met }, queryClient);
  useEffect(() => {
    if (data === undefined) return;
    // The same counts stay the same record, so that nothing is worked out anew for them.
    const known = useMetStore.getState().counts;
    if (JSON.stringify(known) !== JSON.stringify(data.counts)) {
      useMetStore.setState({ counts: data.counts });
    }
  }, [data]);
}

/** The same of the machine at hand, without the place that is being read. */
export function useMetOnMachineOfServer(machineId: string | null, positionId?: string): void {
  const { data } = useQuery(
    {
      queryKey: QUERY_KEYS.metOnMachine(machineId ?? "", positionId),
      queryFn: () => api.metOnMachine(machineId ?? "", positionId),
      enabled: machineId !== null,
    },
    queryClient,
  );
  useEffect(() => {
    if (machineId === null || data === undefined) return;
    const known = useMetStore.getState();
    const same = JSON.stringify(known.onMachine) === JSON.stringify(data.counts);
    if (known.machineId === machineId && same) return;
    useMetStore.setState({ machineId, onMachine: data.counts });
  }, [machineId, data]);
}
