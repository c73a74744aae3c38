import { LONGEST } from "@root-gauge/core/record";
import { MOST_LINES, type KeptLine, type Order, type SearchHit } from "@root-gauge/contract";
import type { OwnWord } from "@root-gauge/core/callout";
import { orderLines } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES } from "@root-gauge/core/say/record";
import { useQueryClient } from "@tanstack/react-query";
import { View } from "@tamagui/core";
import { useState } from "react";
import { api } from "../../data/server/api";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { usePositionSearch } from "../../data/record/machine-queries";
import { changeOrder } from "../../data/record/order-queries";
import { useOwnWords } from "../../data/record/own-words";
import { QUERY_KEYS } from "../../data/outbox/query-keys";
import { ActionButton } from "../../kit/action-button";
import { ActionRow } from "../../kit/action-row";
import { TextEntry } from "../../kit/text-entry";
import { newLine } from "./new-line";

const RULE = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 };

/** The lines of what was typed: as it was typed, but where it asks for several, or for something with it. */
function linesTyped(callout: string, words: readonly OwnWord[]): readonly KeptLine[] {
  const parts = orderLines([{ positionId: "", place: "", alike: 1, callout }], RULE, words);
  const isOne = parts.length === 1 && parts[0]?.needed === 1;
  return isOne ? [newLine(callout, 1)] : parts.map((part) => newLine(part.callout, part.needed));
}

const LINE = "order.line";
/** As many places as a thumb looks through. */
const SHOWN = 5;

/** The lines with a part for a place: on the line that has the same part, else on one of its own. */
function withPart(
  lines: readonly KeptLine[],
  { callout, needed, positionId }: { callout: string; needed: number; positionId: string },
): KeptLine[] {
  const at = lines.findIndex((line) => line.callout === callout && !line.arrived);
  const there = lines[at];
  if (there === undefined) {
    return [...lines, newLine(callout, needed, [positionId])].slice(0, MOST_LINES);
  }
  const more = {
    ...there,
    needed: there.needed + needed,
    positions: [...there.positions, positionId],
  };
  return lines.map((line, i) => (i === at ? more : line));
}

/** A line that is added to an order: a part as it is called, or what goes in at a place that is found. */
export function AddLine({ order }: { order: Order }) {
  const client = useQueryClient();
  const words = useOwnWords();
  const text = useDraft(LINE) ?? "";
  const { hits } = usePositionSearch(text);
  const [problem, setProblem] = useState<string>();
  const known = new Set(order.lines.flatMap(({ positions }) => positions));
  const add = () => {
    if (text.trim() === "") return setProblem(ORDER_SENTENCES.lineWanted);
    const typed = linesTyped(text.trim(), words);
    changeOrder(order, ({ lines }) => ({ lines: [...lines, ...typed].slice(0, MOST_LINES) }));
    writeDraft(LINE, "");
    return setProblem(undefined);
  };
  const addPlace = async (hit: SearchHit) => {
    try {
      const { spec, alike } = await client.ensureQueryData({
        queryKey: QUERY_KEYS.position(hit.id),
        queryFn: () => api.position(hit.id),
      });
      const wanted = {
        positionId: hit.id,
        place: hit.place,
        alike,
        callout: spec?.callout ?? hit.holds,
      };
      const parts = orderLines([wanted], RULE, words);
      changeOrder(order, ({ lines }) => ({
        lines: parts.reduce<KeptLine[]>(
          (all, { callout, needed }) => withPart(all, { callout, needed, positionId: hit.id }),
          [...lines],
        ),
      }));
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const places = hits.filter(({ holds }) => holds !== "").slice(0, SHOWN);
  return (
    <View gap={8} data-print="no">
      <TextEntry
        label="Add a line"
        value={text}
        placeholder={ORDER_SENTENCES.addHint}
        longest={LONGEST.line}
        problem={problem}
        onChange={(typed) => writeDraft(LINE, typed)}
        onSubmit={add}
      />
      {text.trim() === "" ? null : <ActionButton label={`Add “${text.trim()}”`} onPress={add} />}
      {places.length === 0 ? null : (
        <View role="list" aria-label="Places that it may be for">
          {places.map((hit) => (
            <ActionRow
              key={hit.id}
              title={hit.place}
              subtitle={[hit.holds, hit.machine].join(" · ")}
              label="Add"
              says={`Add for ${hit.place}, ${hit.machine}`}
              done="Added"
              onPress={known.has(hit.id) ? undefined : () => void addPlace(hit)}
            />
          ))}
        </View>
      )}
    </View>
  );
}
