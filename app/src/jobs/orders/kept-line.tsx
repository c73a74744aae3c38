import type { KeptLine, QuotedLine, ToOrder } from "@root-gauge/contract";
import { alternateProblems, amountsOf, type OrderRule } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES, orderedWords, quotedWords } from "@root-gauge/core/say/record";
import { alternateProblemWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useOwnWords } from "../../data/record/own-words";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Figure, Small } from "../../kit/text";
import { JustChanged } from "../../edit/just-changed";
import { dutyCautions } from "./duty-cautions";
import { EditLine, useEditLine } from "./edit-line";

/** What the supplier said of a line, and whether it still holds. */
function Quoted({ quoted, ordered }: { quoted: QuotedLine | undefined; ordered: number }) {
  if (quoted === undefined) return <Small>{ORDER_SENTENCES.notQuoted}</Small>;
  const isShort = quoted.state === "stocked" && quoted.pack * quoted.packs < ordered;
  const missing = quoted.state !== "stocked" || isShort;
  return (
    <Body color={missing ? "$clash" : "$ink"}>
      {[quotedWords(quoted), isShort ? ORDER_SENTENCES.quotedForFewer : ""]
        .filter(Boolean)
        .join(". ")}
    </Body>
  );
}

interface AlternateProps {
  readonly line: KeptLine;
  readonly instead: string;
  /** Whether the first is not to be had. */
  readonly wanted: boolean;
  readonly onTake: () => void;
}

/** What would do instead; what is weaker, shorter or of another thread is said and never offered. */
function Alternate({ line, instead, wanted, onTake }: AlternateProps) {
  const problems = alternateProblems(line.callout, instead, useOwnWords());
  return (
    <View gap={4}>
      <View flexDirection="row" alignItems="center" gap={8}>
        <Small flex={1}>{`or ${instead}`}</Small>
        {wanted && problems.length === 0 ? (
          <ActionButton label="Take instead" says={`Take instead: ${instead}`} onPress={onTake} />
        ) : null}
      </View>
      {problems.map((problem) => (
        <Small key={problem.code} color="$clash">
          {alternateProblemWords(problem)}
        </Small>
      ))}
    </View>
  );
}

interface KeptLineCardProps {
  readonly line: KeptLine;
  readonly rule: OrderRule;
  readonly places: readonly ToOrder[];
  readonly problems: readonly string[];
  /** What was quoted of it; null while no supplier was asked. */
  readonly quoted: QuotedLine | undefined | null;
  readonly onChange: (line: KeptLine) => void;
  readonly onRemove: () => void;
  readonly onArrived: (arrived: boolean) => void;
}

/** A line of an order: what it is, how many and why, what the supplier says, where it goes, and whether it has arrived. */
export function KeptLineCard(props: KeptLineCardProps) {
  const { line, rule, places, problems, quoted, onChange, onRemove, onArrived } = props;
  const { editing, begin, leave } = useEditLine(line.id);
  const { callout, alternates, arrived, needed, onShelf } = line;
  const amounts = amountsOf(needed, rule, onShelf, line.ordered);
  const where = line.positions.flatMap((id) => {
    const place = places.find((one) => one.id === id);
    return place === undefined ? [] : [`${place.machine}: ${place.path}`];
  });
  const isOut = quoted !== undefined && quoted !== null && quoted.state !== "stocked";
  return (
    <Card gap={6} role="listitem" {...(arrived ? { borderColor: "$line", opacity: 0.75 } : {})}>
      <Figure fontSize="$name" lineHeight="$name" userSelect="text">
        {callout}
      </Figure>
      <JustChanged id={line.id} />
      {editing ? (
        <EditLine
          line={line}
          onLeave={leave}
          onSave={(changed) => {
            onChange(changed);
            leave();
          }}
          onRemove={() => {
            leave();
            onRemove();
          }}
        />
      ) : (
        <>
          <Body>
            {orderedWords(
              { ...amounts, needed, onShelf, byHand: line.ordered !== null },
              rule.pack,
            )}
          </Body>
          {quoted === null || arrived ? null : <Quoted quoted={quoted} ordered={amounts.ordered} />}
          {alternates.map((instead) => (
            <Alternate
              key={instead}
              line={line}
              instead={instead}
              wanted={isOut}
              onTake={() =>
                onChange({
                  ...line,
                  callout: instead,
                  alternates: [callout, ...alternates.filter((one) => one !== instead)],
                })
              }
            />
          ))}
          {where.length === 0 ? null : <Small>{where.join("; ")}</Small>}
          {[...problems, ...dutyCautions(line.positions, places)].map((text) => (
            <Small key={text} role="note" color="$clash">
              {text}
            </Small>
          ))}
          <View flexDirection="row" gap={8} data-print="no">
            <ActionButton flex={1} label="Change" says={`Change ${callout}`} onPress={begin} />
            <ActionButton
              flex={1}
              label={arrived ? "Not arrived" : "Arrived"}
              says={`${arrived ? ORDER_SENTENCES.notArrived : ORDER_SENTENCES.arrived}, ${callout}`}
              onPress={() => onArrived(!arrived)}
            />
          </View>
        </>
      )}
    </Card>
  );
}
