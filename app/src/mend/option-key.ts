import type { RepairOption } from "@root-gauge/core/repair";

/** A repair by its kind and the thread it ends with: several ways up a size stand side by side. */
export function optionKey({ kind, thread }: Pick<RepairOption, "kind" | "thread">): string {
  return `${kind} ${thread.id}`;
}
