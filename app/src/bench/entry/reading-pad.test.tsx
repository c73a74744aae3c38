import { fireEvent, screen } from "@testing-library/react";
import { writeDraft } from "../../data/drafts/drafts";
import { show } from "../../testing/show";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const FIELDS: readonly PadField[] = [
  { key: "count.threads", label: "Threads", kind: "number", whole: true, min: 1, max: 400 },
  {
    key: "count.span",
    label: "In a length of",
    kind: "length",
    accepted: { minMm: 0.5, maxMm: 500 },
  },
];

function showPad(fields = FIELDS, check?: (values: readonly number[]) => string | undefined) {
  const taken: (readonly number[])[] = [];
  for (const { key } of fields) writeDraft(key, "");
  show(
    <ReadingPad
      fields={fields}
      units="mm"
      teach="Count gaps, not crests."
      action="Take it"
      {...(check === undefined ? {} : { check })}
      onTake={(values) => taken.push(values)}
    />,
  );
  return taken;
}

const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

describe("the reading pad", () => {
  it("hands over the fields in order, lengths in millimetres", () => {
    const taken = showPad();
    type("Threads", "13");
    type("In a length of", "1 in");
    fireEvent.click(screen.getByText("Take it"));
    expect(taken).toEqual([[13, 25.4]]);
  });

  it("echoes a length in both units and the nearest fraction", () => {
    showPad(FIELDS.slice(1));
    type("In a length of", "12.52");
    expect(
      screen.getByText(/^12\.52 mm\s+·\s+0\.4929 in\s+·\s+0\.18 mm under 1\/2 in$/),
    ).toBeTruthy();
  });

  it("writes into the field that is active, by its keys", () => {
    showPad();
    fireEvent.click(screen.getByText("8"));
    fireEvent.focus(screen.getByLabelText("In a length of"));
    for (const key of ["7", "/16"]) fireEvent.click(screen.getByText(key));
    expect(screen.getByLabelText<HTMLInputElement>("Threads").value).toBe("8");
    expect(screen.getByLabelText<HTMLInputElement>("In a length of").value).toBe("7/16");
  });

  it("takes nothing while a field is wrong, says so, and keeps what was typed", () => {
    const taken = showPad();
    type("Threads", "2.5");
    type("In a length of", "ten");
    fireEvent.click(screen.getByText("Take it"));
    expect(taken).toEqual([]);
    expect(screen.getByText(/^Read “2.5”\. Accepted: a whole number/)).toBeTruthy();
    expect(screen.getByText(/^Read “ten”: not a figure\./)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>("In a length of").value).toBe("ten");
    type("In a length of", "10");
    expect(screen.queryByText(/not a figure/)).toBeNull();
  });

  it("goes on to the next empty field on Enter, and takes on the last", () => {
    const taken = showPad();
    type("Threads", "13");
    fireEvent.keyDown(screen.getByLabelText("Threads"), { key: "Enter" });
    expect(taken).toEqual([]);
    type("In a length of", "25.4");
    fireEvent.keyDown(screen.getByLabelText("In a length of"), { key: "Enter" });
    expect(taken).toEqual([[13, 25.4]]);
  });

  it("offers the likely slip of unit as a button: a figure too small in mm, and a pitch that is none", () => {
    const taken = showPad(FIELDS, ([threads = 1, spanMm = 0]) =>
      spanMm / threads < 0.15 ? "no pitch" : undefined,
    );
    type("Threads", "13");
    type("In a length of", "1");
    fireEvent.click(screen.getByText("Take it"));
    expect(screen.getByText("no pitch")).toBeTruthy();
    fireEvent.click(screen.getByText("It was 1 in"));
    fireEvent.click(screen.getByText("Take it"));
    expect(taken).toEqual([[13, 25.4]]);
    type("In a length of", "0.312");
    fireEvent.click(screen.getByText("Take it"));
    expect(screen.getByText(/^Read “0.312”.*Accepted:/)).toBeTruthy();
    expect(screen.getByText("It was 0.312 in")).toBeTruthy();
  });

  it("reads a bare figure in the unit chosen for it", () => {
    const taken = showPad(FIELDS.slice(1));
    type("In a length of", "0.5");
    fireEvent.click(screen.getByText("in"));
    fireEvent.click(screen.getByText("Take it"));
    expect(taken).toEqual([[12.7]]);
  });
});
