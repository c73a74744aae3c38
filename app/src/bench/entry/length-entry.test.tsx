import { identify, type HeadStyle, type Reading } from "@root-gauge/core";
import { HEAD_STYLES } from "@root-gauge/core/lists";
import { screen } from "@testing-library/react";
import { writeDraft } from "../../data/drafts/drafts";
import { show } from "../../testing/show";
import { LengthEntry } from "./length-entry";

/** Where each head's length is measured: ISO 225, ASME B18.12. */
const DATUM: Readonly<Record<HeadStyle, RegExp>> = {
  hex: /from under the head to the tip/,
  "flange-hex": /from under the head to the tip/,
  "socket-cap": /from under the head to the tip/,
  "low-cap": /from under the head to the tip/,
  "narrow-cap": /from under the head to the tip/,
  button: /from under the head to the tip/,
  csk: /the whole length, head and all/,
  "raised-csk": /from the flush line/,
  pan: /from under the head to the tip/,
  truss: /from under the head to the tip/,
  round: /from under the head to the tip/,
  cheese: /from under the head to the tip/,
  carriage: /from under the head to the tip/,
  square: /from under the head to the tip/,
  t: /from under the head to the tip/,
  set: /from end to end/,
  shoulder: /the shoulder alone/,
  stud: /from end to end/,
  eye: /from under the head to the tip/,
  wing: /from under the head to the tip/,
};

const READINGS: readonly Reading[] = [
  { kind: "external-diameter", mm: 7.9 },
  { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" },
];
const { candidates } = identify(READINGS);

describe("the length entry", () => {
  it.each(HEAD_STYLES)("says from where a %s is measured", (head) => {
    show(
      <LengthEntry
        part="bolt"
        readings={[{ kind: "head-style", head }]}
        candidates={candidates}
        units="mm"
        onDone={() => undefined}
      />,
    );
    const said = screen.getAllByText(/^Measure it /).map(({ textContent }) => textContent);
    expect(said.join(" ")).toMatch(DATUM[head]);
  });

  it("offers the stocked length with what is over it", () => {
    writeDraft("length", "30.4");
    show(
      <LengthEntry
        part="bolt"
        readings={[...READINGS, { kind: "head-style", head: "hex" }]}
        candidates={candidates}
        units="mm"
        onDone={() => undefined}
      />,
    );
    expect(screen.getByText(/^0.40 mm over 30 mm/)).toBeTruthy();
    expect(screen.getByText("Take 30 mm, the stock length")).toBeTruthy();
  });

  it("speaks of no thread before a size was read", () => {
    writeDraft("length", "30.4");
    show(
      <LengthEntry
        part="bolt"
        readings={[]}
        candidates={identify([]).candidates}
        units="mm"
        onDone={() => undefined}
      />,
    );
    expect(screen.queryByText(/stock length/)).toBeNull();
  });
});
