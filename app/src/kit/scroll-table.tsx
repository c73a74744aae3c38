import { View } from "@tamagui/core";
import { Figure, Label } from "./text";

export interface ScrollTableProps {
  /** What the table holds, for a screen reader. */
  readonly name: string;
  readonly heads: readonly string[];
  /** Each row's head, and its cells; a cell of several lines has them one under the other. */
  readonly rows: readonly {
    readonly head: string;
    readonly cells: readonly (readonly string[])[];
  }[];
  /** Width of the first column, which stands still, and of the others, px. */
  readonly widths: { readonly first: number; readonly other: number };
}

/** A small table of figures: it scrolls sideways under its first column. */
export function ScrollTable({ name, heads, rows, widths }: ScrollTableProps) {
  const width = widths.first + (heads.length - 1) * widths.other;
  const still = { position: "sticky", left: 0, backgroundColor: "$card", zIndex: 1 } as const;
  return (
    <View role="table" aria-label={name} overflow="scroll" tabIndex={0}>
      <View role="row" flexDirection="row" width={width} borderBottomWidth={2} borderColor="$edge">
        {heads.map((head, i) => (
          <View
            key={head}
            role="columnheader"
            width={i === 0 ? widths.first : widths.other}
            minHeight={36}
            justifyContent="center"
            {...(i === 0 ? still : {})}
          >
            <Label color="$ink" textAlign={i === 0 ? "left" : "right"}>
              {head}
            </Label>
          </View>
        ))}
      </View>
      {rows.map(({ head, cells }) => (
        <View
          key={head}
          role="row"
          flexDirection="row"
          width={width}
          minHeight={44}
          paddingVertical={4}
          borderBottomWidth={1}
          borderColor="$line"
        >
          <View role="rowheader" width={widths.first} justifyContent="center" {...still}>
            <Figure>{head}</Figure>
          </View>
          {cells.map((lines, i) => (
            <View key={i} role="cell" width={widths.other} justifyContent="center">
              {lines.map((line, at) => (
                <Figure key={at} fontWeight="500" textAlign="right" userSelect="text">
                  {line}
                </Figure>
              ))}
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
