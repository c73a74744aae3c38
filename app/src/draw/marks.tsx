import { WEIGHTS, edgePath, metalPath, type Mark, type Stroke } from "@root-gauge/core";
import { useId } from "react";
import { Circle, ClipPath, G, Line, Path, Polyline, Rect, Text } from "react-native-svg";

const DASHES = "5 4";
const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;
/** Higher and deeper than any drawing. */
const FAR = 4000;

/** The colours of a pen: of lines, and of what is cut anew. */
interface Ink {
  readonly colour: string;
  readonly cut?: string;
}

function penOf({ weight, dashed = false, opacity = 1, tone }: Stroke, { colour, cut }: Ink) {
  return {
    stroke: tone === "cut" ? (cut ?? colour) : colour,
    strokeWidth: WEIGHTS[weight],
    strokeOpacity: opacity,
    fill: "none",
    ...(dashed ? { strokeDasharray: DASHES } : {}),
  };
}

type EdgeMark = Extract<Mark, { kind: "edge" }>;

function Edge({ mark, ink }: { mark: EdgeMark; ink: Ink }) {
  const clip = useId();
  const { stroke, within, metal } = mark;
  return (
    <G clipPath={`url(#${clip})`}>
      <ClipPath id={clip}>
        <Rect x={within.left} y={0} width={within.right - within.left} height={FAR} />
      </ClipPath>
      {metal === undefined ? null : (
        <Path d={metalPath(mark, metal.toY)} fill={ink.colour} fillOpacity={metal.opacity} />
      )}
      <Path d={edgePath(mark)} {...penOf(stroke, ink)} />
    </G>
  );
}

function OneMark({ mark, ink }: { mark: Mark; ink: Ink }) {
  switch (mark.kind) {
    case "segments":
      return (
        <G {...penOf(mark.stroke, ink)}>
          {mark.segments.map(({ from, to }, i) => (
            <Line key={i} x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
          ))}
        </G>
      );
    case "chain":
      return (
        <Polyline
          points={mark.points.map(({ x, y }) => `${x},${y}`).join(" ")}
          {...penOf(mark.stroke, ink)}
        />
      );
    case "circle":
      return (
        <Circle
          cx={mark.centre.x}
          cy={mark.centre.y}
          r={mark.radius}
          {...penOf(mark.stroke, ink)}
        />
      );
    case "text":
      return (
        <Text x={mark.at.x} y={mark.at.y} textAnchor={mark.anchor} fill={ink.colour} {...FONT}>
          {mark.text}
        </Text>
      );
    case "edge":
      return <Edge mark={mark} ink={ink} />;
  }
}

/** The screen's pen: draws what core laid out. */
export function Marks({ marks, ...ink }: Ink & { readonly marks: readonly Mark[] }) {
  return (
    <>
      {marks.map((mark, i) => (
        <OneMark key={i} mark={mark} ink={ink} />
      ))}
    </>
  );
}
