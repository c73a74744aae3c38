import { useRef } from "react";
import type { FlatList, NativeScrollEvent, NativeSyntheticEvent } from "react-native";

/** How far each list was scrolled when it was left, points, by what it is of; a reload begins at the top. */
const kept = new Map<string, number>();

/** A list that is come back to stands where it was left. @param of what the list is of */
export function useKeptScroll<Item>(of: string) {
  const list = useRef<FlatList<Item>>(null);
  // Rows are drawn a few at a time: until there are enough of them the list cannot stand where it was.
  const wanted = useRef(kept.get(of) ?? 0);
  return {
    ref: list,
    scrollEventThrottle: 100,
    onScroll: ({ nativeEvent }: NativeSyntheticEvent<NativeScrollEvent>) => {
      const { y } = nativeEvent.contentOffset;
      if (wanted.current > 0 && y < wanted.current) return;
      wanted.current = 0;
      kept.set(of, y);
    },
    onContentSizeChange: (_width: number, height: number) => {
      if (wanted.current === 0) return;
      list.current?.scrollToOffset({ offset: wanted.current, animated: false });
      if (height > 2 * wanted.current) wanted.current = 0;
    },
    // Who scrolls by hand is not moved any more.
    onTouchStart: () => {
      wanted.current = 0;
    },
  };
}
