import {
  findThread,
  identify,
  summaryOf,
  type EndReading,
  type Reading,
  type Thread,
} from "@root-gauge/core";
import { partTitleWords } from "@root-gauge/core/say/sheet";
import { screen } from "@testing-library/react";
import { show } from "../../testing/show";
import { CalloutCard } from "./callout-card";
import { ReadingList } from "./reading-list";
import { favouredThread } from "@root-gauge/core/decide/sheet";
import { ThreadFacts } from "./thread-facts";

const diameter = (mm: number): EndReading => ({ kind: "external-diameter", mm });
const dropsIn = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });
const partOf = (readings: readonly Reading[]) => ({
  result: summaryOf(identify(readings)),
  readings,
});
function titleOf(...readings: Reading[]) {
  const part = partOf(readings);
  const thread = favouredThread(part.result);
  return { ...partTitleWords(part, thread), threadId: thread?.id };
}

function named(text: string): Thread {
  const thread = findThread(text);
  if (thread === undefined) throw new Error(`no thread ${text}`);
  return thread;
}

describe("what a sheet is headed with", () => {
  it("is the call-out when settled", () => {
    expect(titleOf(diameter(12.52), dropsIn(13))).toEqual({
      title: "1/2-13 UNC-2A",
      subtitle: "Settled, over 99 %",
      verdict: "settled",
      threadId: "unc-1/2-13",
    });
  });

  it("names the likeliest while others stand", () => {
    expect(titleOf(diameter(12.52))).toMatchObject({
      title: "Likeliest: 1/2-13 UNC",
      subtitle: "Down to four, 39 %",
    });
  });

  it("says what the other end of a stud came to", () => {
    const other = [diameter(9.9), { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" }] as const;
    const title = titleOf(diameter(12.52), dropsIn(13), { kind: "other-end", readings: other });
    expect(title).toMatchObject({
      title: "1/2-13 UNC-2A",
      subtitle: "Settled, over 99 %; other end M10 x 1.25",
    });
  });

  it.each([
    ["readings that contradict each other", [diameter(12.52), dropsIn(14)], "Doesn't add up"],
    ["a part outside the catalogue", [diameter(107)], "Wide open"],
  ] as const)("names no thread for %s", (_name, readings, subtitle) => {
    const title = titleOf(...readings);
    expect(title).toMatchObject({ title: "Not known yet", subtitle });
    expect(title.threadId).toBeUndefined();
  });
});

describe("the call-out card", () => {
  it("offers to copy only what is settled", () => {
    show(<CalloutCard part={partOf([diameter(12.52), dropsIn(13)])} />);
    expect(screen.getByText("Copy")).toBeTruthy();
    show(<CalloutCard part={partOf([diameter(12.52)])} />);
    expect(screen.getByText(/as far as it is known/)).toBeTruthy();
  });
});

describe("the thread's sizes", () => {
  it("are ISO 965-2's for an M10 bolt, in millimetres", () => {
    show(<ThreadFacts thread={named("M10")} units="mm" onChart={() => undefined} />);
    for (const figure of [
      "10.000 mm",
      "9.732–9.968 mm",
      "8.862–8.994 mm",
      "1.5 mm",
      "60°",
      "58 mm²",
    ]) {
      expect(screen.getByText(figure)).toBeTruthy();
    }
  });

  it("are ASME B1.1's for 1/2-13, in inches", () => {
    show(<ThreadFacts thread={named("1/2-13")} units="in" onChart={() => undefined} />);
    for (const figure of [
      "0.5000 in",
      "0.4876–0.4985 in",
      "0.4435–0.4485 in",
      "13 TPI",
      "0.1419 in²",
    ]) {
      expect(screen.getByText(figure)).toBeTruthy();
    }
  });
});

describe("the readings on a sheet", () => {
  it("flip with the units, but a leaf keeps its mark", () => {
    const readings = [diameter(12.7), dropsIn(13)];
    show(<ReadingList readings={readings} units="in" />);
    expect(screen.getByText("0.5000 in")).toBeTruthy();
    expect(screen.getByText("13 TPI")).toBeTruthy();
  });

  it("say so when there are none", () => {
    show(<ReadingList readings={[]} units="mm" />);
    expect(screen.getByText("None was taken.")).toBeTruthy();
  });
});
