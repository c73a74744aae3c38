import { useJobName } from "../data/queries";
import { DataProvider } from "../data/data-provider";

function Name({ id }: { id: string }) {
  return <>{useJobName(id) ?? "No job chosen"}</>;
}

/** The name of a part's job. */
export function JobName({ id }: { id: string }) {
  return (
    <DataProvider>
      <Name id={id} />
    </DataProvider>
  );
}
