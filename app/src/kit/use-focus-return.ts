import { useState } from "react";

/** What had the focus before the first of the panels that followed one another. */
let opener: HTMLElement | undefined;

const isInPanel = (element: Element | null) => element?.closest("[data-panel]") != null;

const nameOf = (element: Element) => element.getAttribute("aria-label") ?? element.textContent;

/** Notes what opens a panel; one that is opened from within another goes back to that one's opener. */
function noteOpener(): void {
  const { activeElement } = document;
  if (isInPanel(activeElement)) return;
  const button = activeElement instanceof HTMLElement && activeElement !== document.body;
  opener = button ? activeElement : undefined;
}

/** What opened the panel, or the button of the same name that was drawn anew in its place. */
function openerNow(): HTMLElement | undefined {
  if (opener === undefined || opener.isConnected) return opener;
  const name = nameOf(opener);
  return [...document.querySelectorAll("button")].find((button) => nameOf(button) === name);
}

/** Where the focus goes when a panel opens and when it closes. */
export function useFocusReturn() {
  useState(noteOpener);
  return {
    /** Into the panel itself, unless a field in it has the focus already. */
    goIn: (event: Event) => {
      event.preventDefault();
      const panel = event.currentTarget as HTMLElement;
      if (!panel.contains(document.activeElement)) panel.focus({ preventScroll: true });
    },
    /** Back to what opened it; where that is gone, or was a key, to the room. */
    comeBack: (event: Event) => {
      event.preventDefault();
      const { activeElement } = document;
      // Another panel, or a step that was asked for by a key, has it already.
      if (activeElement !== null && activeElement !== document.body) return;
      const back = openerNow();
      if (back !== undefined) return back.focus({ preventScroll: true });
      const room = document.querySelector<HTMLElement>("main");
      if (room === null) return;
      room.tabIndex = -1;
      room.style.outline = "none";
      room.focus({ preventScroll: true });
    },
  };
}
