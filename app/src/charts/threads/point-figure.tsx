import { View } from "@tamagui/core";
import { Figure, type FigureProps } from "../../kit/text";

/** The width of one decimal and of the point, in px at 16. */
const DIGIT = 8;
const POINT = 4;

/** A figure whose point stands in the same place whatever decimals it has. */
export function PointFigure({
  text,
  decimals,
  color,
}: {
  text: string;
  decimals: number;
  color: FigureProps["color"];
}) {
  const [whole = "", rest] = text.split(".");
  return (
    <View flexDirection="row" justifyContent="flex-end">
      <Figure color={color} fontWeight="500">
        {whole}
      </Figure>
      <Figure color={color} fontWeight="500" width={POINT + DIGIT * decimals}>
        {rest === undefined ? "" : `.${rest}`}
      </Figure>
    </View>
  );
}
