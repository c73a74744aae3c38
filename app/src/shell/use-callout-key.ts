import { usePathname, useRouter } from "expo-router";
import { useEffect } from "react";
import { isTyping } from "../kit/is-typing";

/** Rooms with a field of their own that the key goes to. */
const hasOwnField = (path: string) => path === "/" || path === "/charts";

/** `/` opens the call-out box from anywhere; the Bench and the thread chart put it in their own search. */
export function useCalloutKey(): void {
  const router = useRouter();
  const path = usePathname();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key !== "/" || hasOwnField(path)) return;
      event.preventDefault();
      router.push("/fastener");
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [path, router]);
}
