import { fireEvent, screen } from "@testing-library/react-native";
import { changeBench } from "../../data/bench";
import { show } from "../../testing/show";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const FIELDS: readonly PadField[] = [
  { key: "test.threads", label: "Threads", kind: "number", whole: true, min: 1, max: 400 },
  {
    key: "test.span",
    label: "In a length of",
    kind: "length",
    accepted: { minMm: 0.5, maxMm: 500 },
  },
];

function showPad(fields = FIELDS, check?: (values: readonly number[]) => string | undefined) {
  const taken: (readonly number[])[] = [];
  for (const { key } of fields) changeBench({ type: "draft", field: key, text: "" });
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
  fireEvent.changeText(screen.getByLabelText(label), text);

describe("the reading pad", () => {
  it("hands over the fields in order, lengths in millimetres", () => {
    const taken = showPad();
    type("Threads", "13");
    type("In a length of", "1 in");
    fireEvent.press(screen.getByText("Take it"));
    expect(taken).toEqual([[13, 25.4]]);
  });

  it("echoes a length in both units and the nearest fraction", () => {
    showPad(FIELDS.slice(1));
    type("In a length of", "12.52");
    expect(screen.getByText("12.52 mm  ·  0.4929 in  ·  0.18 mm under 1/2 in")).toBeTruthy();
  });

  it("writes into the field that is active, by its keys", () => {
    showPad();
    fireEvent.press(screen.getByText("8"));
    fireEvent(screen.getByLabelText("In a length of"), "focus");
    for (const key of ["7", "/16"]) fireEvent.press(screen.getByText(key));
    expect(screen.getByLabelText("Threads").props.value).toBe("8");
    expect(screen.getByLabelText("In a length of").props.value).toBe("7/16");
  });

  it("takes nothing while a field is wrong, says so, and keeps what was typed", () => {
    const taken = showPad();
    type("Threads", "2.5");
    type("In a length of", "ten");
    fireEvent.press(screen.getByText("Take it"));
    expect(taken).toEqual([]);
    expect(screen.getByText(/^Read “2.5”\. Accepted: a whole number/)).toBeTruthy();
    expect(screen.getByText(/^Read “ten”: not a figure\./)).toBeTruthy();
    expect(screen.getByLabelText("In a length of").props.value).toBe("ten");
    type("In a length of", "10");
    expect(screen.queryByText(/not a figure/)).toBeNull();
  });

  it("goes on to the next empty field on Enter, and takes on the last", () => {
    const taken = showPad();
    type("Threads", "13");
    fireEvent(screen.getByLabelText("Threads"), "submitEditing");
    expect(taken).toEqual([]);
    type("In a length of", "25.4");
    fireEvent(screen.getByLabelText("In a length of"), "submitEditing");
    expect(taken).toEqual([[13, 25.4]]);
  });

  it("offers the likely slip of unit as a button: a figure too small in mm, and a pitch that is none", () => {
    const taken = showPad(FIELDS, ([threads = 1, spanMm = 0]) =>
      spanMm / threads < 0.15 ? "no pitch" : undefined,
    );
    type("Threads", "13");
    type("In a length of", "1");
    fireEvent.press(screen.getByText("Take it"));
    expect(screen.getByText("no pitch")).toBeTruthy();
    fireEvent.press(screen.getByText("It was 1 in"));
    fireEvent.press(screen.getByText("Take it"));
    expect(taken).toEqual([[13, 25.4]]);
    type("In a length of", "0.312");
    fireEvent.press(screen.getByText("Take it"));
    expect(screen.getByText(/^Read “0.312”.*Accepted:/)).toBeTruthy();
    expect(screen.getByText("It was 0.312 in")).toBeTruthy();
  });

  it("reads a bare figure in the unit chosen for it", () => {
    const taken = showPad(FIELDS.slice(1));
    type("In a length of", "0.5");
    fireEvent.press(screen.getByText("in"));
    fireEvent.press(screen.getByText("Take it"));
    expect(taken).toEqual([[12.7]]);
  });
});
