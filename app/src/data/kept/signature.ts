import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";

const LONGEST = 60;

/** The name of who works with this device, typed once: every change that is saved from here carries it. */
const useSignatureStore = createKeptStore<{ name: string }>({
  key: "rg.name",
  schema: z.object({ name: z.string().check(z.maxLength(LONGEST)) }),
  initial: () => ({ name: "" }),
});

export function signature(): string {
  return useSignatureStore.getState().name.trim();
}

export function useSignature(): string {
  return useSignatureStore(({ name }) => name);
}

export function sign(name: string): void {
  useSignatureStore.setState({ name: name.slice(0, LONGEST) });
}
