import type { Reading } from "@root-gauge/core";
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { show } from "../../testing/show";
import { FormEntry } from "./form-entry";

function showForm(readings: readonly Reading[], outside = true) {
  const done: string[] = [];
  show(
    <FormEntry
      readings={readings}
      outside={outside}
      onTaper={() => done.push("taper")}
      onDepth={() => done.push("depth")}
      onDone={() => done.push("done")}
    />,
  );
  return done;
}

describe("what is seen of the part", () => {
  it("starts with nothing said, one plate of each question saying so", () => {
    showForm([]);
    for (const none of ["Not read", "Not seen", "Not known", "Age not known", "Not said"]) {
      expect(screen.getAllByText(none).length).toBeGreaterThan(0);
    }
    expect(screen.queryByText("By gauge")).toBeNull();
  });

  it("asks how the angle was read once it was", () => {
    showForm([{ kind: "flank-angle", degrees: 55, sure: false }]);
    expect(screen.getByText("By a look")).toBeTruthy();
    expect(screen.getByText("By gauge")).toBeTruthy();
  });

  it("asks for the crests and the depth of an external thread only", () => {
    const done = showForm([]);
    expect(screen.getByText("Crests under a glass")).toBeTruthy();
    fireEvent.click(screen.getByText("Depth of thread"));
    expect(done).toEqual(["depth"]);
    cleanup();
    showForm([], false);
    expect(screen.queryByText("Crests under a glass")).toBeNull();
    expect(screen.queryByText("Depth of thread")).toBeNull();
  });

  it("leads back to the part", () => {
    const done = showForm([]);
    fireEvent.click(screen.getByText("Does it taper?"));
    fireEvent.click(screen.getByText("Back to the part"));
    expect(done).toEqual(["taper", "done"]);
  });
});
