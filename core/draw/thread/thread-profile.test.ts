import { named } from "../../testing";
import { basicSizes, catalogue, formSizes } from "../../catalogue/threads";
import { threadProfile, type ProfilePiece } from "./thread-profile";

function flankAngles(pieces: readonly ProfilePiece[]): number[] {
  return pieces
    .filter((piece) => piece.kind === "line" && piece.from.y !== piece.to.y)
    .map(
      ({ from, to }) => (Math.atan(Math.abs((to.x - from.x) / (to.y - from.y))) * 180) / Math.PI,
    );
}

const radiiOf = (pieces: readonly ProfilePiece[]) =>
  pieces.flatMap((piece) => (piece.kind === "arc" ? [piece.radius] : []));

describe("the profile of one pitch", () => {
  it("runs unbroken from root to root over one pitch, for every thread and side", () => {
    for (const thread of catalogue()) {
      for (const side of ["external", "internal"] as const) {
        const pieces = threadProfile(thread, side);
        const [first] = pieces;
        const last = pieces.at(-1);
        pieces.slice(1).forEach(({ from }, i) => {
          expect(from.x).toBeCloseTo(pieces[i]?.to.x ?? NaN, 9);
          expect(from.y).toBeCloseTo(pieces[i]?.to.y ?? NaN, 9);
        });
        expect((last?.to.x ?? 0) - (first?.from.x ?? 0)).toBeCloseTo(thread.pitchMm, 9);
        expect(last?.to.y).toBeCloseTo(first?.from.y ?? NaN, 9);
      }
    }
  });

  it("has flanks of half the flank angle", () => {
    for (const thread of catalogue()) {
      for (const angle of flankAngles(threadProfile(thread, "external"))) {
        expect(angle).toBeCloseTo(thread.flankAngleDeg / 2, 6);
      }
    }
  });

  it("stands a ridge half a pitch wide at the pitch diameter", () => {
    for (const thread of catalogue()) {
      const [rising] = threadProfile(thread, "external");
      if (rising === undefined) throw new Error("no flank");
      const y = formSizes(thread, "external").pitch / 2;
      const share = (y - rising.from.y) / (rising.to.y - rising.from.y);
      const x = rising.from.x + share * (rising.to.x - rising.from.x);
      expect(-2 * x).toBeCloseTo(thread.pitchMm / 2, 9);
    }
  });

  /** Radii as shares of the pitch: BS 84 0.137329, BS 93 0.1808, BS 811 1/6, ISO 68-1 root H/6. */
  it.each([
    ["1/2 bsw", 0.137329, 3],
    ["G 1/2", 0.137329, 3],
    ["0 BA", 0.1808, 3],
    ["1/4-26 cycle", 1 / 6, 2],
    ["M10", 0.866025 / 6, 3],
  ])("of %s has arcs of %d P", (name, share, digits) => {
    const thread = named(name);
    for (const radius of radiiOf(threadProfile(thread, "external"))) {
      expect(radius / thread.pitchMm).toBeCloseTo(share, digits);
    }
    expect(radiiOf(threadProfile(thread, "external")).length).toBeGreaterThan(0);
  });

  /** Crest flats as shares of the pitch: ISO 68-1 P/8, ISO 2904 0.366 P, Acme 0.3707 P, square half a pitch. */
  it.each([
    ["M10", 1 / 8, 3],
    ["Tr 20x4", 0.366, 3],
    ["1-5 acme", 0.3707, 3],
    ["1 square", 0.5, 6],
  ])("of %s has a crest flat of %d P", (name, share, digits) => {
    const thread = named(name);
    const crest = threadProfile(thread, "external").find(
      (piece) =>
        piece.kind === "line" && piece.from.y === piece.to.y && piece.from.x < 0 && piece.to.x > 0,
    );
    expect(((crest?.to.x ?? 0) - (crest?.from.x ?? 0)) / thread.pitchMm).toBeCloseTo(share, digits);
  });

  it("lies a nut of the basic sizes along the flanks of its screw", () => {
    const thread = named("M10");
    const [screw] = threadProfile(thread, "external");
    const [nut] = threadProfile(thread, "internal", basicSizes(thread));
    const slope = (piece: ProfilePiece | undefined) =>
      piece === undefined
        ? NaN
        : piece.from.x - piece.from.y * ((piece.to.x - piece.from.x) / (piece.to.y - piece.from.y));
    expect(slope(nut)).toBeCloseTo(slope(screw), 6);
  });
});
