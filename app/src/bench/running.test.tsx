import { identify, type Reading } from "@root-gauge/core";
import { fireEvent, screen } from "@testing-library/react-native";
import { show } from "../testing/show";
import { inTheRunning, ruledOut } from "./running";
import { RunningList } from "./running-list";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });

function showList(readings: readonly Reading[], units: "mm" | "in" = "mm") {
  const asked: string[] = [];
  show(
    <RunningList
      identification={identify(readings)}
      units={units}
      onRuledOut={() => asked.push("ruled out")}
    />,
  );
  return asked;
}

describe("still in the running and ruled out", () => {
  const { candidates } = identify([diameter(9.9)]);

  it("part the whole catalogue between them", () => {
    const names = [...inTheRunning(candidates), ...ruledOut(candidates)].map(
      ({ thread }) => thread.id,
    );
    expect(names.sort()).toEqual(candidates.map(({ thread }) => thread.id).sort());
  });

  it("keep the order of likelihood for what stands, and of nearness for what fell", () => {
    expect(inTheRunning(candidates).map(({ thread }) => thread.designation)).toEqual([
      "M10 x 1.5",
      "M10 x 1",
      "M10 x 1.25",
      "M10 x 0.75",
      "Tr 10 x 2",
    ]);
    const [first, second] = ruledOut(candidates, 9.9);
    const nearness = [first, second].map((one) => Math.abs((one?.thread.majorMm ?? 0) - 9.9));
    expect(nearness[0]).toBeLessThan(0.2);
    expect(nearness[1]).toBeGreaterThanOrEqual(nearness[0] ?? 0);
  });
});

describe("the list", () => {
  it("gives each thread its share and its reason", () => {
    showList([diameter(12.52)]);
    expect(screen.getByText("Down to four")).toBeTruthy();
    expect(screen.getByText("53 %")).toBeTruthy();
    expect(screen.getByText("12.52 mm is inside 12.39–12.66 mm.")).toBeTruthy();
  });

  it("shows five at first and the rest when asked", () => {
    showList([{ kind: "count", threads: 13, spanMm: 25.4 }]);
    const more = screen.getByText(/^Show \d+ more$/);
    const before = screen.getAllByText(/%$/).length;
    fireEvent.press(more);
    expect(screen.getAllByText(/%$/).length).toBeGreaterThan(before);
    expect(screen.queryByText(/^Show \d+ more$/)).toBeNull();
  });

  it("puts something else on top where no thread fits", () => {
    showList([diameter(107)]);
    expect(screen.getByText("Something else")).toBeTruthy();
    expect(screen.getByText("over 99 %")).toBeTruthy();
  });

  it("opens what was ruled out", () => {
    const asked = showList([diameter(9.9)], "in");
    fireEvent.press(screen.getByText(/^Ruled out \d+$/));
    expect(asked).toEqual(["ruled out"]);
    expect(screen.getByText("0.3898 in is inside 0.3831–0.3924 in.")).toBeTruthy();
  });
});
