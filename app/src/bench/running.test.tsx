import { identify, type Reading } from "@root-gauge/core";
import { fireEvent, screen, within } from "@testing-library/react";
import { show } from "../testing/show";
import { RunningList } from "./running-list";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });

function showList(readings: readonly Reading[], units: "mm" | "in" = "mm") {
  const asked: string[] = [];
  show(
    <RunningList
      identification={identify(readings)}
      units={units}
      roomy
      onRuledOut={() => asked.push("ruled out")}
    />,
  );
  return asked;
}

describe("the list", () => {
  it("gives each thread its share and its reason", () => {
    showList([diameter(12.52)]);
    expect(screen.getByText("Down to four")).toBeTruthy();
    expect(within(screen.getByLabelText("Still in the running")).getAllByText(/%$/)).toHaveLength(
      4,
    );
    expect(screen.getByText("39 %")).toBeTruthy();
    expect(screen.getByText("12.52 mm is inside 12.39–12.66 mm.")).toBeTruthy();
  });

  it("shows five at first and the rest when asked", () => {
    showList([{ kind: "count", threads: 13, spanMm: 25.4 }]);
    const more = screen.getByText(/^Show \d+ more$/);
    const before = screen.getAllByText(/%$/).length;
    fireEvent.click(more);
    expect(screen.getAllByText(/%$/).length).toBeGreaterThan(before);
    expect(screen.queryByText(/^Show \d+ more$/)).toBeNull();
  });

  it("puts something else on top where no thread fits", () => {
    showList([diameter(107)]);
    expect(screen.getByText("Something else")).toBeTruthy();
    expect(screen.getByText("77 %")).toBeTruthy();
  });

  it("opens what was ruled out", () => {
    const asked = showList([diameter(9.9)], "in");
    fireEvent.click(screen.getByText(/^Ruled out \d+$/));
    expect(asked).toEqual(["ruled out"]);
    expect(screen.getByText("0.3898 in is inside 0.3831–0.3924 in.")).toBeTruthy();
  });
});
