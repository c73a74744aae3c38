import { View } from "@tamagui/core";
import type { ReactNode } from "react";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { exportCsv } from "../../kit/export-csv";

/** A line of a list as words and as a table have it. */
interface ListedLine {
  readonly ordered: number;
  readonly callout: string;
  readonly needed: number;
  readonly spares: number;
  readonly packs: number;
  readonly places: readonly string[];
  /** What is wrong with it, as the screen says it. */
  readonly problems: readonly string[];
}

const HEADS = ["quantity", "call-out", "needed", "spare", "packs", "for", "wrong"] as const;

const cellsOf = (line: ListedLine) => {
  const { ordered, callout, needed, spares, packs, places, problems } = line;
  return [
    String(ordered),
    callout,
    String(needed),
    String(spares),
    String(packs),
    places.join("; "),
    problems.join(" "),
  ];
};

interface ListActionsProps {
  readonly lines: readonly ListedLine[];
  /** What its table is called as a file. */
  readonly name: string;
  /** Other ways to take it along. */
  readonly children?: ReactNode;
}

/** The list taken along: as words, as a table, on paper. */
export function ListActions({ lines, name, children }: ListActionsProps) {
  return (
    <View flexDirection="row" alignItems="flex-start" gap={8}>
      <View flex={1}>
        <CopyButton
          label="Copy"
          says="Copy the list as words"
          text={() => lines.map(({ ordered, callout }) => `${ordered} off ${callout}`).join("\n")}
        />
      </View>
      <ActionButton
        flex={1}
        label="CSV"
        says="CSV: the list as a table"
        onPress={() => void exportCsv(name, HEADS, lines.map(cellsOf))}
      />
      <ActionButton flex={1} label="Print" onPress={() => window.print()} />
      {children === undefined ? null : <View flex={1}>{children}</View>}
    </View>
  );
}
