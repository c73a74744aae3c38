import { confusedWith } from "../look-alikes";
import { named } from "../../testing";
import { catalogue } from "../../catalogue/threads";
import { judgePair } from "./index";

const pair = (male: string, female: string) => judgePair(named(male), named(female));

describe("the one judgement of a pair", () => {
  it.each([
    ["3/4-10", "3/4 bsw"],
    ["3/4 bsw", "3/4-10"],
    ["3/4-10", "M20"],
    ["#10-32", "M5"],
    ["5/16-18", "5/16 bsw"],
  ])("%s in %s turns by hand and is not sound", (male, female) => {
    const judged = pair(male, female);
    expect(["mates", "loose", "binds"]).toContain(judged.outcome);
    expect(judged.sound).toBe(false);
  });

  it("finds a thread sound in its own, and a taper joint of one standard", () => {
    expect(pair("M10", "M10")).toMatchObject({ sound: true, outcome: "mates" });
    expect(pair("R 1/2", "Rp 1/2").sound).toBe(true);
    expect(pair("1/2 npt", "G 1/2").sound).toBe(false);
  });

  it("does not find the other hand sound", () => {
    const left = { ...named("M10"), hand: "left" as const };
    expect(judgePair(left, named("M10")).sound).toBe(false);
    expect(judgePair(left, left).sound).toBe(true);
  });

  it("finds nothing sound among threads that are mistaken for one another", () => {
    for (const thread of catalogue().filter((_, at) => at % 7 === 0)) {
      for (const { thread: other, asScrew, asNut } of confusedWith(thread)) {
        const sound = [asScrew.sound, asNut.sound].includes(true);
        const joint = asScrew.cause === "taper-joint" || asNut.cause === "taper-joint";
        expect([thread.id, other.id, sound && !joint]).toEqual([thread.id, other.id, false]);
      }
    }
  });
});
