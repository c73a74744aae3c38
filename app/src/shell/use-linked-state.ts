import { useRouter } from "expo-router";
import { useEffect, useRef } from "react";

export type LinkParams = Readonly<Record<string, string | undefined>>;

/** How long nothing more is typed before the address says it, ms. */
const SETTLED_MS = 500;

/**
 * Keeps what is asked on a page in its address, so that a link brings it back.
 * @param params what the address says; believed once, when the page opens
 * @param own what is asked now, as the address is to say it; undefined for what goes without saying
 * @param take asks what an address says
 */
export function useLinkedState(
  params: LinkParams,
  own: LinkParams,
  take: (params: LinkParams) => void,
): void {
  const router = useRouter();
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    if (Object.keys(params).length > 0) take(params);
  });
  const said = JSON.stringify(own, (_key, value: unknown) => value ?? null);
  useEffect(() => {
    const timer = setTimeout(() => {
      const parsed = JSON.parse(said) as Record<string, string | null>;
      const entries = Object.entries(parsed).map(([key, value]) => [key, value ?? undefined]);
      router.setParams(Object.fromEntries(entries) as Record<string, string>);
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [router, said]);
}
