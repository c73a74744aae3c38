import { identify } from "@root-gauge/core";
import { fireEvent, screen } from "@testing-library/react";
import { useBenchPart, startAnother } from "../../data/drafts/bench";
import { writeDraft } from "../../data/drafts/drafts";
import { changeSettings } from "../../data/kept/settings";
import { Body } from "../../kit/text";
import { show } from "../../testing/show";
import { DiameterEntry } from "./diameter-entry";
import { HeadEntry } from "./head-entry";
import { TaperEntry } from "./size-entries";
import { TrialEntry } from "./trial-entry";

/** The readings on the bench, where a test can see them. */
function Readings() {
  return <Body>{JSON.stringify(useBenchPart().readings)}</Body>;
}

const type = (label: string | RegExp, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

const nothing = () => undefined;

beforeEach(() => {
  startAnother();
  changeSettings({ instrument: "caliper", bore: "caliper" });
});

function shows(readings: readonly object[]): void {
  expect(screen.getByText(JSON.stringify(readings))).toBeTruthy();
}

describe("the size", () => {
  it("is taken with its condition", () => {
    show(
      <>
        <DiameterEntry side="external" units="mm" onDone={nothing} />
        <Readings />
      </>,
    );
    fireEvent.click(screen.getByText("Worn"));
    type("Ø over crests", "9.65");
    fireEvent.click(screen.getByText("Take this diameter"));
    const said = ["9.65 mm"];
    const instrument = "caliper";
    shows([{ kind: "external-diameter", mm: 9.65, said, instrument, condition: "worn" }]);
  });

  it("of a nut is its bore", () => {
    show(
      <>
        <DiameterEntry side="internal" units="in" onDone={nothing} />
        <Readings />
      </>,
    );
    fireEvent.click(screen.getByText("Pin or drill"));
    type("Bore", "3/8");
    fireEvent.click(screen.getByText("Take this bore"));
    shows([{ kind: "internal-diameter", mm: 9.525, said: ["3/8 in"], instrument: "pin" }]);
  });

  it("by hole gauge wants the smaller hole to be the one it does not enter", () => {
    show(
      <>
        <DiameterEntry side="external" units="mm" onDone={nothing} />
        <Readings />
      </>,
    );
    fireEvent.click(screen.getByText("Hole gauge"));
    type("Does not enter", "10");
    type("Enters", "9.5");
    fireEvent.click(screen.getByText("Take these holes"));
    expect(screen.getByText(/has to be smaller/)).toBeTruthy();
    shows([]);
    type("Does not enter", "9.5");
    type("Enters", "10");
    fireEvent.click(screen.getByText("Take these holes"));
    const said = ["9.5 mm", "10 mm"];
    shows([{ kind: "diameter-between", overMm: 9.5, notOverMm: 10, said }]);
  });

  it("of a taper is both ends, the smaller first", () => {
    show(
      <>
        <TaperEntry readings={[]} units="mm" onDone={nothing} />
        <Readings />
      </>,
    );
    type("Small end", "20.9");
    type("Large end", "20.15");
    type("Apart", "12");
    fireEvent.click(screen.getByText("Take both ends"));
    expect(screen.getByText(/change them round/)).toBeTruthy();
    shows([]);
  });
});

describe("the mark on the head", () => {
  it("is picked as it is seen, or typed as it stands, one at a time", () => {
    show(
      <>
        <HeadEntry part="bolt" readings={[]} onDone={nothing} />
        <Readings />
      </>,
    );
    fireEvent.click(screen.getByText("8.8"));
    shows([{ kind: "head-mark", mark: "8.8" }]);
    type("Another mark, as it stands", " two keys ");
    fireEvent.click(screen.getByText("Take this mark"));
    shows([{ kind: "head-mark", mark: "two keys" }]);
  });
});

describe("a trial", () => {
  const candidates = identify([{ kind: "external-diameter", mm: 9.42 }]).candidates;

  it("is answered once the known part is a thread, with the turns it took", () => {
    show(
      <>
        <TrialEntry candidates={candidates} partIs="external" onDone={nothing} />
        <Readings />
      </>,
    );
    expect(screen.queryByText("Binds")).toBeNull();
    type("Another nut, by its thread", "m10");
    type(/^Turns it was run/, "a few");
    fireEvent.click(screen.getByText("Binds"));
    expect(
      screen.getByText("Read “a few”. Accepted: turns from 0 to 100, or nothing."),
    ).toBeTruthy();
    type(/^Turns it was run/, "4");
    fireEvent.click(screen.getByText("Binds"));
    shows([
      { kind: "trial-fit", with: "M10 x 1.5", partIs: "external", outcome: "binds", turns: 4 },
    ]);
  });

  it("says what it read when the name is no thread, and keeps it", () => {
    writeDraft("trial.with", "M13");
    show(<TrialEntry candidates={candidates} partIs="internal" onDone={nothing} />);
    expect(screen.getByText(/Read “M13”/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>("Another bolt, by its thread").value).toBe(
      "M13",
    );
  });
});
