import { isCalloutProblem, parseCallout, type ScrewSpec } from "../../callout";
import { screwOutline } from "../joint";
import { HEAD_STYLES, lengthDatum, type HeadStyle } from "../../catalogue/looks";
import { named } from "../../testing";
import type { Outline } from "./index";

function screw(text: string): ScrewSpec {
  const spec = parseCallout(text);
  if (isCalloutProblem(spec) || spec.part !== "screw") throw new Error(`no screw: ${text}`);
  return spec;
}

const ofHead = (head: HeadStyle): Outline =>
  screwOutline({ part: "screw", thread: named("M8"), head, lengthMm: 40 });

const dimension = ({ dimensions }: Outline, kind: string) =>
  dimensions.find((one) => one.kind === kind);

/** Every point of the drawing. */
const points = ({ strokes }: Outline) => strokes.flatMap((stroke) => stroke.points);

describe("the drawing of a screw", () => {
  it.each(HEAD_STYLES)("shows the length of a %s from its own datum", (head) => {
    const outline = ofHead(head);
    const shown = dimension(outline, head === "shoulder" ? "shoulder" : "length");
    expect(shown?.mm).toBe(40);
    expect(shown?.from.x).toBe(0);
    expect(shown?.to.x).toBe(40);
  });

  it("has the head before the datum, beyond it or astride it", () => {
    const before = HEAD_STYLES.filter((head) => lengthDatum(head) === "under-head");
    for (const head of before) expect([head, ofHead(head).left < 0]).toEqual([head, true]);
    expect(ofHead("csk").left).toBeCloseTo(0, 9);
    // ISO 2010: the crown of an M8 stands 2 mm over the flush line.
    expect(ofHead("raised-csk").left).toBe(-2);
    expect(ofHead("set").left).toBe(0);
  });

  it("ends where the length says, a shoulder screw its thread farther", () => {
    for (const head of HEAD_STYLES) {
      const end = head === "shoulder" ? 40 + 13.25 : 40;
      const rightmost = Math.max(...points(ofHead(head)).map(({ x }) => x));
      expect([head, rightmost]).toEqual([head, end]);
    }
  });

  it("keeps every line inside its box", () => {
    for (const head of HEAD_STYLES) {
      const outline = ofHead(head);
      for (const { x, y } of points(outline)) {
        expect([head, x >= outline.left - 1e-6 && x <= outline.right + 1e-6]).toEqual([head, true]);
        expect([head, Math.abs(y) <= outline.halfHeight + 1e-6]).toEqual([head, true]);
      }
    }
  });

  it("has its thread at the true pitch, over the standard's length", () => {
    const outline = screwOutline(screw("M10 x 80 hex"));
    const edge = outline.strokes
      .filter(({ kind }) => kind === "edge")
      .find((stroke) => stroke.points.length > 20);
    const crests = (edge?.points ?? []).filter(({ y }) => Math.abs(y - 5) < 1e-6).map(({ x }) => x);
    // ISO 4014: 26 mm of thread on an M10 x 80; 1.5 mm from crest to crest.
    expect(crests[0]).toBe(54);
    expect((crests[4] ?? 0) - (crests[2] ?? 0)).toBeCloseTo(1.5, 6);
    expect(dimension(outline, "thread")?.mm).toBe(26);
  });

  it("says when a head is in proportion only", () => {
    expect(ofHead("hex").headToScale).toBe(true);
    expect(ofHead("wing").headToScale).toBe(false);
    expect(dimension(ofHead("wing"), "head-width")).toBeUndefined();
  });
});
