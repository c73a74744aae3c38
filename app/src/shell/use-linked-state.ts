import { useRouter } from "expo-router";
import { useEffect, useRef } from "react";
import { storage } from "../data/kept/text-storage";

export type LinkParams = Readonly<Record<string, string | undefined>>;

/** How long nothing more is typed before the address says it, ms. */
const SETTLED_MS = 500;

/** What is said, in one order, without what is not. */
function spelled(params: LinkParams): string {
  const said = Object.entries(params).filter(([, value]) => value !== undefined);
  return JSON.stringify(said.sort(([a], [b]) => a.localeCompare(b)));
}

/**
 * Keeps what is asked on a page in its address, so that a link brings it back.
 * @param name the page's own, under which its last address is kept
 * @param params what the address says; believed once, when the page opens
 * @param own what is asked now, as the address is to say it; undefined for what goes without saying
 * @param take asks what an address says
 */
export function useLinkedState(
  name: string,
  params: LinkParams,
  own: LinkParams,
  take: (params: LinkParams) => void,
): void {
  const router = useRouter();
  const key = `rg.address.${name}`;
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    // The address that this page wrote itself says no more than what is kept, and may be a letter behind it.
    const own = spelled(params) === storage.getItem(key);
    if (Object.keys(params).length > 0 && !own) take(params);
  });
  const said = JSON.stringify(own, (_key, value: unknown) => value ?? null);
  useEffect(() => {
    const timer = setTimeout(() => {
      const parsed = JSON.parse(said) as Record<string, string | null>;
      const entries = Object.entries(parsed).map(([word, value]) => [word, value ?? undefined]);
      const next = Object.fromEntries(entries) as LinkParams;
      storage.setItem(key, spelled(next));
      router.setParams(next as Record<string, string>);
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [router, key, said]);
}
