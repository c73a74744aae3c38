import { ownWordListSchema, type StoredWord } from "@root-gauge/contract";
import type { OwnMeaning, OwnWord } from "@root-gauge/core/callout";
import { useEffect, useMemo } from "react";
import { v5 as uuidOfName } from "uuid";
import type { z } from "zod/mini";
import { createKeptStore } from "../kept/kept-store";
import { useStoredWords } from "./queries";
import type { Parcel } from "../outbox/parcel";
import { outbox, saveWord, useOutbox } from "../outbox/saving";

/** The workshop's words as the server last had them: call-outs are read with them when it is away, too. */
const useWordsStore = createKeptStore<{ words: StoredWord[] }>({
  key: "rg.words",
  schema: ownWordListSchema as z.ZodMiniType<{ words: StoredWord[] }>,
  initial: () => ({ words: [] }),
});

const NAMESPACE = "6f1c1f4e-52f3-4a53-9a0e-0f6a6b1f2d10";
/** Two devices that teach one word teach the same record. */
const idOf = (word: string) => uuidOfName(word.trim().toLowerCase(), NAMESPACE);

export interface TaughtWord extends OwnWord {
  readonly id: string;
  readonly version: number;
}

/** Those that wait to be saved over those that the server has. */
function merged(words: readonly StoredWord[], parcels: readonly Parcel[]): readonly TaughtWord[] {
  const waiting = parcels.flatMap((parcel) =>
    parcel.kind === "word" ? [{ id: parcel.id, version: parcel.saw, ...parcel.body }] : [],
  );
  const ids = new Set(waiting.map(({ id }) => id));
  return [
    ...waiting.filter(({ removed }) => removed !== true),
    ...words.filter(({ id }) => !ids.has(id)),
  ];
}

/** The shop's own words, as they are now. */
export function ownWords(): readonly TaughtWord[] {
  return merged(useWordsStore.getState().words, outbox.get().shown);
}

/** The shop's own words: a screen that reads call-outs is drawn anew when one is taught. */
export function useOwnWords(): readonly TaughtWord[] {
  const { words } = useWordsStore();
  const { shown: parcels } = useOutbox();
  return useMemo(() => merged(words, parcels), [words, parcels]);
}

/** Keeps the words of this device those of the server. Used wherever call-outs are read. */
export function useWordsOfServer(): void {
  const { data } = useStoredWords();
  useEffect(() => {
    if (data !== undefined) useWordsStore.setState({ words: data.words });
  }, [data]);
}

/** Teaches the workshop a word, or what it means from now on. */
export function teachWord(word: string, means: OwnMeaning, known: readonly TaughtWord[]): void {
  const id = idOf(word);
  saveWord(
    id,
    { word: word.trim().toLowerCase(), means },
    known.find((one) => one.id === id)?.version,
  );
}

export function forgetWord({ id, word, means, version }: TaughtWord): void {
  saveWord(id, { word, means, removed: true }, version);
}
