import { seededRandom } from "@root-gauge/core/random";
import { drawnCallout } from "./drawn-callouts";
import { outcomeOf, readAs } from "./read-corpus";

const DRAWN = 6000;
const LEAST_AS_MEANT = 0.995;

describe("a part's size, length, kind, grade, finish and number, in any spelling and order", () => {
  const random = seededRandom(20261128);
  const all = Array.from({ length: DRAWN }, () => ({ group: "drawn", ...drawnCallout(random) }));
  const shown = all.map((one) => ({
    outcome: outcomeOf(one),
    line: `${one.text}: ${readAs(one.text)}, not ${one.meant}`,
  }));

  it("are never read as something else", () => {
    expect(shown.filter(({ outcome }) => outcome === "misread").map(({ line }) => line)).toEqual(
      [],
    );
  });

  it("are read as meant, but for one in two hundred", () => {
    const lost = shown.filter(({ outcome }) => outcome !== "as-meant").map(({ line }) => line);
    expect(
      lost.slice(0, Math.max(0, lost.length - Math.floor((1 - LEAST_AS_MEANT) * DRAWN))),
    ).toEqual([]);
  });
});
