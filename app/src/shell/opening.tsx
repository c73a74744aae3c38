import { BENCH_SENTENCES } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useEffect, useState, type ReactNode } from "react";
import { useKeptIsRead } from "../data/drafts/kept-is-read";
import { Heading } from "../kit/text";
import { fetchAhead, fetchLater } from "./fetched-later";

/**
 * What is shown within, when what was left on this device is read: a field that is touched earlier would write over it.
 * Throws, for the screen of faults, when what reads it cannot be fetched.
 */
export function Opening({ children }: { children: ReactNode }) {
  const read = useKeptIsRead();
  const [failure, setFailure] = useState<unknown>();
  useEffect(() => {
    if (read) return fetchAhead();
    fetchLater().catch(setFailure);
    return undefined;
  }, [read]);
  if (failure !== undefined) throw failure;
  if (read) return children;
  return (
    <View flex={1} alignItems="center" justifyContent="center" backgroundColor="$plate">
      <Heading color="$quiet">{BENCH_SENTENCES.opening}</Heading>
    </View>
  );
}
