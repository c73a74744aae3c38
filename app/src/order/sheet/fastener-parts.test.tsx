import {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  USUAL_CIRCUMSTANCES,
} from "@root-gauge/core/catalogue/circumstances";
import {
  calledScrew,
  isCalloutProblem,
  parseScrew,
  type ScrewSpec,
} from "@root-gauge/core/callout";
import { fastenerSheet } from "@root-gauge/core/decide/sheet";
import { sheetWords } from "@root-gauge/core/say/sheet";
import { fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { show } from "../../testing/show";
import { CalloutBox } from "../callout/callout-box";
import { CautionsCard } from "../../shared/cautions-card";
import { sheetText } from "./sheet-actions";
import { circumstancesOf, pdfPath, sheetPath } from "../../shell/sheet-address";
import { SpannerTry } from "./spanner-try";
import { SubstitutesCard } from "./substitutes-card";

function screw(text: string): ScrewSpec {
  const read = parseScrew(text);
  if (isCalloutProblem(read)) throw new Error(`${text}: ${read.code}`);
  return read;
}

const nothing = () => undefined;

describe("the caution of a joint on which safety hangs", () => {
  it("is acknowledged with one touch, and then says so", () => {
    const given: string[] = [];
    const card = (done: boolean) => (
      <CautionsCard
        cautions={["Mind it."]}
        acknowledgement={{ given: done, onGive: () => given.push("read") }}
      />
    );
    const { rerender } = show(card(false));
    fireEvent.click(screen.getByText("I have read this caution"));
    expect(given).toEqual(["read"]);
    rerender(<></>);
    show(card(true));
    expect(screen.getByText("Read and understood.")).toBeTruthy();
    expect(screen.queryByText("I have read this caution")).toBeNull();
  });

  it("asks for nothing on an ordinary joint", () => {
    show(<CautionsCard cautions={["Mind it."]} />);
    expect(screen.queryByText("I have read this caution")).toBeNull();
  });
});

describe("substitutes", () => {
  const sheet = fastenerSheet(screw("M10 x 40 8.8 hex"));

  it("are hidden until the caution was read", () => {
    show(<SubstitutesCard sheet={sheet} shown={false} onOpen={nothing} />);
    expect(screen.getByText("Read the caution first.")).toBeTruthy();
    expect(screen.queryByText("M10 x 45 hex bolt, 8.8")).toBeNull();
  });

  it("open their own sheet", () => {
    const opened: (number | undefined)[] = [];
    show(<SubstitutesCard sheet={sheet} shown onOpen={({ lengthMm }) => opened.push(lengthMm)} />);
    fireEvent.click(screen.getByText("M10 x 45 hex bolt, 8.8"));
    expect(opened).toEqual([45]);
  });
});

describe("a spanner to hand", () => {
  it("is held against the head, and a slip of the pen is said", () => {
    show(<SpannerTry spec={screw("M10 x 40")} units="mm" />);
    const field = screen.getByLabelText("A spanner or key to hand, mm");
    fireEvent.change(field, { target: { value: "16" } });
    expect(screen.getByText("16.00 mm fits: it is turned with a 16 mm spanner.")).toBeTruthy();
    fireEvent.change(field, { target: { value: "15" } });
    expect(screen.getByText("15.00 mm does not go on: take a 16 mm spanner.")).toBeTruthy();
    fireEvent.change(field, { target: { value: "wide" } });
    expect(screen.getByText(/“wide”/)).toBeTruthy();
  });
});

function Box({ onOpen }: { onOpen: (callout: string) => void }) {
  const [text, setText] = useState("");
  return <CalloutBox value={text} onChange={setText} onOpen={onOpen} />;
}

describe("the call-out box", () => {
  const type = (text: string) =>
    fireEvent.change(screen.getByLabelText("The part, as you would order it"), {
      target: { value: text },
    });

  it("opens what it read, in the convention of its thread", () => {
    const opened: string[] = [];
    show(<Box onOpen={(callout) => opened.push(callout)} />);
    type("m10x40 8.8 bzp");
    fireEvent.click(screen.getByText("Open its sheet"));
    expect(opened).toEqual(["M10 x 40, 8.8, zinc"]);
  });

  it("lets a bare size be told by a touch", () => {
    show(<Box onOpen={nothing} />);
    type("1/2 x 2 gr 5");
    fireEvent.click(screen.getByRole("option", { name: "1/2-13 UNC x 2 gr 5" }));
    expect(screen.getByText("1/2-13 UNC x 2, grade 5")).toBeTruthy();
  });

  it("says what it did not understand, and opens a pin or a nut as well as a screw", () => {
    show(<Box onOpen={nothing} />);
    type("M10 x 40 purple");
    expect(screen.getByText(/“purple” in “M10 x 40 purple” was not understood/)).toBeTruthy();
    // Without the word it would be another part, so none is offered.
    expect(screen.queryByText(/Open its sheet/)).toBeNull();
    type("6 x 20 dowel pin");
    expect(screen.getByText(/Open its sheet/)).toBeTruthy();
    type("M10 nut");
    expect(screen.getByText(/Open its sheet/)).toBeTruthy();
  });

  it("takes a mere thread for no order", () => {
    expect(calledScrew("M10")).toBeUndefined();
    expect(calledScrew("M10 x 40")).toBeDefined();
    expect(calledScrew("M10 8.8")).toBeDefined();
  });
});

describe("the address of a sheet", () => {
  it("brings back where the joint is and what hangs on it", () => {
    for (const duty of DUTIES) {
      for (const environment of ENVIRONMENTS) {
        for (const metal of PART_METALS) {
          const place = { duty, environment, metal };
          const query = new URLSearchParams(sheetPath("M10 x 40", place).split("?")[1]);
          expect(circumstancesOf(Object.fromEntries(query))).toEqual(place);
        }
      }
    }
  });

  it("carries the call-out whole, and takes nonsense for the usual joint", () => {
    const query = new URLSearchParams(sheetPath("1/2-13 UNC x 2, grade 5").split("?")[1]);
    expect(query.get("callout")).toBe("1/2-13 UNC x 2, grade 5");
    expect(circumstancesOf({ duty: "flying" })).toEqual(USUAL_CIRCUMSTANCES);
    expect(pdfPath("M10 x 40", USUAL_CIRCUMSTANCES, "in", "Nipping press")).toContain(
      "title=Nipping+press",
    );
  });
});

describe("the sheet as text", () => {
  it("has the call-out first, then the cautions, then every section", () => {
    const words = sheetWords(fastenerSheet(screw("M10 x 40 8.8 zinc")), "mm");
    const text = sheetText(words);
    expect(text.startsWith("M10 x 40, 8.8, zinc\n")).toBe(true);
    const places = [
      "the maker’s specification",
      "Proof load: 33.6 kN",
      "Turned with: 16 mm spanner",
      "Must not go in",
    ].map((part) => text.indexOf(part));
    expect(places.every((place) => place > 0)).toBe(true);
    expect([...places].sort((a, b) => a - b)[0]).toBe(places[0]);
  });
});
