import { chain, segments, type Mark, type Place, type Segment } from "../marks";

/** A head or nut seen from its end. */
export interface EndView {
  readonly centre: Place;
  readonly radius: number;
  /** Measured across its flats: drawn solid. */
  readonly known?: boolean;
  /** A nut shows its bore instead of the chamfer. */
  readonly bore?: number;
  /** A round head instead of a hexagon. */
  readonly round?: boolean;
  /** The mark that was read, drawn where it is seen. */
  readonly mark?: string | undefined;
}

const CORNERS = [0, 1, 2, 3, 4, 5, 6].map((corner) => (Math.PI / 3) * corner + Math.PI / 6);

/** Radial lines as SAE J429 has them, evenly round the head from its top. */
function radialLines({ centre, radius }: EndView, count: number): Segment[] {
  return Array.from({ length: count }, (_, at) => {
    const angle = (2 * Math.PI * at) / count - Math.PI / 2;
    const place = (share: number) => ({
      x: centre.x + share * radius * Math.cos(angle),
      y: centre.y + share * radius * Math.sin(angle),
    });
    return { from: place(0.42), to: place(0.74) };
  });
}

/** About as wide as a letter of a drawing is, in its units. */
const LETTER = 8;

function seenMark(view: EndView, mark: string): Mark[] {
  const lines = /^lines:\s*(\d)$/i.exec(mark.trim());
  if (lines !== null) return [segments(radialLines(view, Number(lines[1])), { weight: "outline" })];
  const words = mark.trim().replace(/^letter:\s*/i, "");
  const fits = words.length * LETTER < 1.4 * view.radius && !words.includes(":");
  if (!fits || words.toLowerCase() === "none") return [];
  const at = { x: view.centre.x, y: view.centre.y + 5 };
  return [{ kind: "text", at, anchor: "middle", text: words }];
}

/** The head or nut from its end; dashed while it was not measured. */
export function endViewMarks(view: EndView): Mark[] {
  const { centre, radius, known = false, bore, round = false, mark } = view;
  const dashed = !known;
  const edge = { weight: "outline", dashed } as const;
  const corners = CORNERS.map((angle) => ({
    x: centre.x + radius * Math.cos(angle),
    y: centre.y + radius * Math.sin(angle),
  }));
  return [
    round ? { kind: "circle", centre, radius, stroke: edge } : chain(corners, edge),
    {
      kind: "circle",
      centre,
      radius: bore === undefined ? radius * 0.8 : bore / 2,
      stroke: { weight: "fine", opacity: 0.7, dashed },
    },
    ...(mark === undefined ? [] : seenMark(view, mark)),
  ];
}
