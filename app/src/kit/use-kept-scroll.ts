import { useEffect, useRef } from "react";
import type { FlatList } from "react-native";

/** How far each list was scrolled when it was left, points, by what it is of; a reload begins at the top. */
const kept = new Map<string, number>();

/** Rows are drawn a few at a time: for so many frames it is tried whether there are enough of them. */
const MOST_FRAMES = 120;

/** Puts an element where it was left as soon as it is long enough, until someone scrolls it. @returns ends the trying */
function placeAt(element: HTMLElement, wanted: number): () => void {
  let frame = 0;
  let left = MOST_FRAMES;
  const end = () => cancelAnimationFrame(frame);
  const place = () => {
    element.scrollTop = wanted;
    left -= 1;
    if (element.scrollTop < wanted - 1 && left > 0) frame = requestAnimationFrame(place);
  };
  for (const by of ["pointerdown", "wheel", "keydown"]) {
    element.addEventListener(by, end, { once: true, passive: true });
  }
  if (wanted > 0) place();
  return end;
}

/** A list that is come back to stands where it was left. @param of what the list is of */
export function useKeptScroll<Item>(of: string) {
  const list = useRef<FlatList<Item>>(null);
  useEffect(() => {
    const element = list.current?.getScrollableNode() as HTMLElement | undefined;
    if (element === undefined) return undefined;
    const wanted = kept.get(of) ?? 0;
    const end = placeAt(element, wanted);
    let placed = wanted === 0;
    const remember = () => {
      // Until it stands where it was, what it is scrolled to is not where it was left.
      placed ||= element.scrollTop >= wanted - 1;
      if (placed) kept.set(of, element.scrollTop);
    };
    element.addEventListener("scroll", remember, { passive: true });
    return () => {
      end();
      element.removeEventListener("scroll", remember);
    };
  }, [of]);
  return list;
}
