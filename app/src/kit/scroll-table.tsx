import { View } from "@tamagui/core";
import { Figure, Label } from "./text";

export interface ScrollTableProps {
  /** What the table holds, for a screen reader. */
  readonly name: string;
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** Width of the first column, which stands still, and of the others, px. */
  readonly widths: { readonly first: number; readonly other: number };
}

/** A small table of figures: it scrolls sideways under its first column. */
export function ScrollTable({ name, heads, rows, widths }: ScrollTableProps) {
  const width = widths.first + (heads.length - 1) * widths.other;
  const cellWidth = (i: number) => (i === 0 ? widths.first : widths.other);
  const still = { position: "sticky", left: 0, backgroundColor: "$card", zIndex: 1 } as const;
  return (
    <View role="table" aria-label={name} overflow="scroll" tabIndex={0}>
      <View role="row" flexDirection="row" width={width} borderBottomWidth={2} borderColor="$edge">
        {heads.map((head, i) => (
          <View
            key={head}
            role="columnheader"
            width={cellWidth(i)}
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
      {rows.map((row, at) => (
        <View
          key={row[0] ?? at}
          role="row"
          flexDirection="row"
          width={width}
          minHeight={40}
          alignItems="stretch"
          borderBottomWidth={1}
          borderColor="$line"
        >
          {row.map((cell, i) => (
            <View
              key={i}
              role={i === 0 ? "rowheader" : "cell"}
              width={cellWidth(i)}
              justifyContent="center"
              {...(i === 0 ? still : {})}
            >
              <Figure
                fontWeight={i === 0 ? "600" : "500"}
                textAlign={i === 0 ? "left" : "right"}
                userSelect="text"
              >
                {cell}
              </Figure>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
