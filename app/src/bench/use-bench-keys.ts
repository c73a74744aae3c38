import { useEffect, useRef } from "react";
import { changeBench } from "../data/drafts/bench";
import { flipUnits } from "../data/kept/settings";
import { benchKeyOf, type BenchKey } from "./keys";
import type { PanelName } from "../shell/use-panel";

interface KeyActions {
  readonly open: (panel: PanelName) => void;
  readonly writeUp: () => void;
}

function focusNextTest(): void {
  document.querySelector<HTMLElement>("#next-answers button")?.focus();
}

function actOn(key: BenchKey, { open, writeUp }: KeyActions): void {
  switch (key) {
    case "d":
      return open("diameter");
    case "p":
      return open("pitch");
    case "f":
      return open("form");
    case "l":
      return open("length");
    case "h":
      return open("head");
    case "a":
      return open("flats");
    case "t":
      return open("trial");
    case "c":
      return open("compare");
    case "n":
      return focusNextTest();
    case "z":
      return changeBench({ type: "undo" });
    case "u":
      return flipUnits();
    case "w":
      return writeUp();
    case "/":
      return open("find");
    case "?":
      return open("keys");
  }
}

/** Listens for the bench's keys while the bench is on screen. */
export function useBenchKeys(actions: KeyActions): void {
  const latest = useRef(actions);
  useEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const key = benchKeyOf(event);
      if (key === undefined) return;
      event.preventDefault();
      actOn(key, latest.current);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, []);
}
