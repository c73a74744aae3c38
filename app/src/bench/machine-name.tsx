import { useMachineName } from "../data/record/machine-queries";
import { DataProvider } from "../data/outbox/data-provider";

function Name({ id }: { id: string }) {
  return <>{useMachineName(id) ?? "No machine chosen"}</>;
}

/** The name of a part's machine. */
export function MachineName({ id }: { id: string }) {
  return (
    <DataProvider>
      <Name id={id} />
    </DataProvider>
  );
}
