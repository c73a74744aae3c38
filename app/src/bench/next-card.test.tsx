import { identify, measuredSizes, type IdentifyOptions, type Reading } from "@root-gauge/core";
import { fireEvent, screen } from "@testing-library/react";
import { show } from "../testing/show";
import type { ComponentType } from "react";
import { changeBench, startAnother } from "../data/drafts/bench";
import { useBenchStore } from "../data/drafts/bench-store";
import { ConditionCard } from "./condition-card";
import { DoubtCard, DoubtLine } from "./doubt-cards";
import { NextCard } from "./next-card";
import type { NextCardProps } from "./next-props";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });

function showCard(
  readings: readonly Reading[],
  options: IdentifyOptions = {},
  Card: ComponentType<NextCardProps> = NextCard,
) {
  const asked: string[] = [];
  show(
    <Card
      identification={identify(readings, options)}
      readings={readings}
      sizes={measuredSizes(readings)}
      units="mm"
      onOpen={(panel) => asked.push(panel)}
      onMend={(at) => asked.push(`again ${at}`)}
      onWriteUp={() => asked.push("write up")}
      onStartAnother={() => asked.push("another")}
      onStartAnotherLike={() => asked.push("another like it")}
    />,
  );
  return asked;
}

/** The card where nothing fits, which comes with the rest of the app. */
const showDoubt = (readings: readonly Reading[]) => showCard(readings, {}, DoubtCard);

beforeEach(startAnother);

describe("the next step", () => {
  it("asks for the diameter first", () => {
    const asked = showCard([]);
    fireEvent.click(screen.getByText("Enter the diameter"));
    expect(asked).toEqual(["diameter"]);
  });

  it("offers the leaf that separates, and says what each answer means", () => {
    showCard([diameter(12.52)]);
    expect(screen.getByText("Next: find the leaf that drops in")).toBeTruthy();
    expect(screen.getByText(/^13 TPI: 1\/2-13 UNC\. 20 TPI: 1\/2-20 UNF\./)).toBeTruthy();
    fireEvent.click(screen.getByText("13 TPI"));
    expect(useBenchStore.getState().part.readings).toEqual([
      { kind: "leaf", tpi: 13, outcome: "drops-in" },
    ]);
  });

  it("takes it that every leaf rocks where none drops in, and takes that back in one step", () => {
    showCard([diameter(12.52)]);
    fireEvent.click(screen.getByText("None does"));
    const { readings } = useBenchStore.getState().part;
    expect(readings.length).toBeGreaterThan(1);
    expect(readings).toContainEqual({ kind: "leaf", tpi: 13, outcome: "rocks" });
    changeBench({ type: "undo" });
    expect(useBenchStore.getState().part.readings).toEqual([]);
  });

  it("asks what has happened to the part where a coat would account for its size", () => {
    const over = [
      diameter(8.08),
      { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" },
    ] as const satisfies readonly Reading[];
    for (const reading of over) changeBench({ type: "take", reading });
    const [test] = identify(over).nextTests;
    if (test?.kind !== "condition") throw new Error("the condition was expected");
    showCard(over, {}, (props) => <ConditionCard {...props} test={test} />);
    expect(screen.getByText(/would fit if it was/)).toBeTruthy();
    fireEvent.click(screen.getByText("Galvanised"));
    expect(useBenchStore.getState().part.readings[0]).toEqual({
      ...over[0],
      condition: "galvanised",
    });
  });

  it("asks for the flank angle where only it separates, an answer a button", () => {
    const asked = showCard([diameter(9.4), { kind: "leaf", tpi: 16, outcome: "drops-in" }], {
      tools: ["angle-gauge"],
      skip: ["origin"],
    });
    expect(screen.getByText("Next: check the flank angle")).toBeTruthy();
    expect(screen.getByText("55°")).toBeTruthy();
    fireEvent.click(screen.getByText("Other"));
    expect(asked).toEqual(["form"]);
  });

  it("asks for the flank angle once more, to stand beside the first", () => {
    const once = [
      diameter(9.4),
      { kind: "leaf", tpi: 16, outcome: "drops-in" },
      { kind: "flank-angle", degrees: 55 },
    ] as const satisfies readonly Reading[];
    for (const reading of once) changeBench({ type: "take", reading });
    showCard(once, { part: "stud", tools: ["angle-gauge"], skip: ["origin"] });
    expect(screen.getByText("Next: check the flank angle once more")).toBeTruthy();
    fireEvent.click(screen.getByText("55°"));
    expect(useBenchStore.getState().part.readings).toEqual([...once, once[2]]);
  });

  it("asks for the size once more where nothing else is left, and can be told that it cannot be", () => {
    const readings = [
      diameter(4.77),
      { kind: "leaf", pitchMm: 0.8, outcome: "drops-in" },
    ] as const satisfies readonly Reading[];
    const skip = ["crest-to-crest", "origin", "head-mark", "across-flats", "taper"];
    const asked = showCard(readings, { tools: ["caliper"], skip });
    expect(screen.getByText("Next: measure over the crests once more")).toBeTruthy();
    fireEvent.click(screen.getByText("Enter the diameter"));
    expect(asked).toEqual(["diameter"]);
    fireEvent.click(screen.getByText("Can’t do it"));
    expect(useBenchStore.getState().part.skipped).toEqual(["external-diameter"]);
  });

  it("asks for a measure where a touch cannot answer", () => {
    const asked = showCard([diameter(12.52)], { tools: ["caliper"], skip: ["head-mark"] });
    expect(screen.getByText("Next: measure 5 pitches, crest to crest")).toBeTruthy();
    fireEvent.click(screen.getByText("Enter the measure"));
    expect(asked).toEqual(["pitch"]);
  });

  it("turns into writing up when settled", () => {
    const asked = showCard([diameter(12.52), { kind: "leaf", tpi: 13, outcome: "drops-in" }]);
    fireEvent.click(screen.getByText("Write it up"));
    fireEvent.click(screen.getByText("Start another"));
    fireEvent.click(screen.getByText("One like it"));
    expect(asked).toEqual(["write up", "another", "another like it"]);
  });

  it("says of jaws that may be out of zero once, however it was found", () => {
    const readings = [
      diameter(4.77),
      { kind: "leaf", pitchMm: 0.8, outcome: "drops-in" },
      { kind: "origin", place: "japan" },
      { kind: "crest-to-crest", pitches: 5, mm: 4 },
    ] as const satisfies readonly Reading[];
    showCard(readings, {}, DoubtLine);
    expect(screen.getByText(/everything fits M5 x 0\.8/).textContent).toContain("jaws");
    expect(screen.queryByText(/jaws[^]*jaws/)).toBeNull();
  });

  it("names the suspect when readings contradict each other", () => {
    showDoubt([diameter(12.52), { kind: "leaf", tpi: 14, outcome: "drops-in" }]);
    expect(screen.getByText("Check this reading: leaf 14 TPI")).toBeTruthy();
  });

  it("asks for the other suspect once the first was taken twice", () => {
    const readings: readonly Reading[] = [
      diameter(12.52),
      { kind: "leaf", tpi: 14, outcome: "drops-in" },
    ];
    const asked = showCard(readings, { skip: ["again leaf"] }, DoubtCard);
    expect(screen.getByText("Check this reading: Ø 12.52 mm")).toBeTruthy();
    fireEvent.click(screen.getByText("Take it again"));
    expect(asked).toEqual(["again 0"]);
  });

  it("says what may have gone wrong outside every thread", () => {
    const asked = showDoubt([diameter(102.2)]);
    expect(screen.getByText(/were the jaws zeroed, and not askew\?/)).toBeTruthy();
    fireEvent.click(screen.getByText("Read Ø again"));
    expect(asked).toEqual(["diameter"]);
  });

  it("asks to read again only what was read", () => {
    const bore = showDoubt([{ kind: "internal-diameter", mm: 150 }]);
    fireEvent.click(screen.getByText("Read the bore again"));
    expect(bore).toEqual(["diameter"]);
    expect(screen.queryByText("Read Ø again")).toBeNull();
    expect(screen.queryByText(/^Otherwise it is a thread/)).toBeNull();
  });

  it("offers the other unit as a button where a figure is a thread only there", () => {
    showDoubt([diameter(0.62)]);
    expect(screen.getByText("It was 0.62 in")).toBeTruthy();
  });
});
