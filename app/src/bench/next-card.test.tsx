import { identify, type Reading } from "@root-gauge/core";
import { fireEvent, screen } from "@testing-library/react-native";
import { show } from "../testing/show";
import { NextCard } from "./next-card";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });

function showCard(readings: readonly Reading[]) {
  const asked: string[] = [];
  show(
    <NextCard
      identification={identify(readings)}
      readings={readings}
      units="mm"
      onOpen={(panel) => asked.push(panel)}
      onWriteUp={() => asked.push("write up")}
      onStartAnother={() => asked.push("another")}
    />,
  );
  return asked;
}

describe("the next step", () => {
  it("asks for the diameter first", () => {
    const asked = showCard([]);
    fireEvent.press(screen.getByText("Enter the diameter"));
    expect(asked).toEqual(["diameter"]);
  });

  it("offers the leaf that separates, and says what each answer means", () => {
    showCard([diameter(12.52)]);
    expect(screen.getByText("Next: lay the 13 TPI leaf on it")).toBeTruthy();
    expect(screen.getByText("Drops in: 1/2-13 UNC. Rocks: 1/2-20 UNF or 1/2-12 BSW.")).toBeTruthy();
  });

  it("asks for the flank angle where only it separates, an answer a button", () => {
    const asked = showCard([diameter(9.4), { kind: "leaf", tpi: 16, outcome: "drops-in" }]);
    expect(screen.getByText("Next: check the flank angle")).toBeTruthy();
    expect(screen.getByText("60°: 3/8-16 UNC. 55°: 3/8-16 BSW.")).toBeTruthy();
    expect(screen.getByText("55°")).toBeTruthy();
    fireEvent.press(screen.getByText("Other"));
    expect(asked).toEqual(["form"]);
  });

  it("turns into writing up when settled", () => {
    const asked = showCard([diameter(12.52), { kind: "leaf", tpi: 13, outcome: "drops-in" }]);
    fireEvent.press(screen.getByText("Write it up"));
    fireEvent.press(screen.getByText("Start another"));
    expect(asked).toEqual(["write up", "another"]);
  });

  it("names the suspect when readings contradict each other", () => {
    showCard([diameter(12.52), { kind: "leaf", tpi: 14, outcome: "drops-in" }]);
    expect(screen.getByText("Check this reading: leaf 14 TPI")).toBeTruthy();
  });

  it("says what may have gone wrong outside every thread", () => {
    const asked = showCard([diameter(107)]);
    fireEvent.press(screen.getByText("Read Ø again"));
    expect(asked).toEqual(["diameter"]);
  });
});
