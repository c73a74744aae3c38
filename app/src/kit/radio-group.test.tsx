import { act, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { show } from "../testing/show";
import { ChoiceChips } from "./choice-chips";

const CHOICES = ["sound", "worn", "painted"].map((value) => ({ value, label: value }));

function Condition({ onChosen }: { onChosen: (value: string) => void }) {
  const [value, setValue] = useState<string | undefined>("sound");
  const choose = (chosen: string | undefined) => {
    setValue(chosen);
    onChosen(String(chosen));
  };
  return <ChoiceChips name="Condition" value={value} choices={CHOICES} onChange={choose} />;
}

const radio = (name: string) => screen.getByRole("radio", { name });

function showGroup(): string[] {
  const chosen: string[] = [];
  show(<Condition onChosen={(value) => chosen.push(value)} />);
  act(() => radio("sound").focus());
  return chosen;
}

/** The time in which a phone gets round to moving the focus. */
const theFocusMoves = () => act(() => new Promise((resolve) => setTimeout(resolve, 20)));

describe("an arrow in a group of choices", () => {
  it("chooses where it comes to, once, while the key is held", async () => {
    const chosen = showGroup();
    fireEvent.keyDown(radio("sound"), { key: "ArrowRight" });
    await theFocusMoves();
    fireEvent.keyUp(radio("worn"), { key: "ArrowRight" });
    expect(document.activeElement).toBe(radio("worn"));
    expect(chosen).toEqual(["worn"]);
  });

  it("chooses it as well where the key was let go before the focus moved", async () => {
    const chosen = showGroup();
    fireEvent.keyDown(radio("sound"), { key: "ArrowRight" });
    fireEvent.keyUp(radio("sound"), { key: "ArrowRight" });
    await theFocusMoves();
    expect(document.activeElement).toBe(radio("worn"));
    expect(chosen).toEqual(["worn"]);
    expect(radio("worn").getAttribute("aria-checked")).toBe("true");
  });

  it("leaves the choice where another key moves the focus", async () => {
    const chosen = showGroup();
    fireEvent.keyDown(radio("sound"), { key: "Tab" });
    act(() => radio("painted").focus());
    await theFocusMoves();
    expect(chosen).toEqual([]);
  });
});
