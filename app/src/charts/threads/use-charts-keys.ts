import { useEffect, type RefObject } from "react";
import type { TextInput } from "react-native";
import { flipUnits } from "../../data/kept/settings";
import { isTyping } from "../../kit/is-typing";

/** The keys of the thread chart: `/` goes to the search, `u` flips the units. A field that has the focus keeps its own keys. */
export function useChartsKeys(search: RefObject<TextInput | null>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === "/") search.current?.focus();
      else if (event.key === "u") flipUnits();
      else return;
      event.preventDefault();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [search]);
}
