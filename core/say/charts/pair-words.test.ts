import { confusedWith } from "../../identify/look-alikes";
import { catalogue } from "../../catalogue/threads";
import { named } from "../../testing";
import { dangerWords } from "./index";

describe("what may happen to who takes one thread for another", () => {
  it("calls what is tapped for an insert a hole, and what screws on a nut", () => {
    const thread = named("7/16-20 UNF");
    const said = confusedWith(thread).map((alike) => [
      alike.thread.family,
      dangerWords(alike, thread),
    ]);
    const ofInserts = said.filter(([family]) => family === "insert-tapped");
    expect(ofInserts.length).toBeGreaterThan(0);
    for (const [, sentence] of ofInserts) expect(sentence).toMatch(/ hole[ ,.]/);
    for (const [, sentence] of ofInserts) expect(sentence).not.toMatch(/ nut[ ,.]/);
  });

  it("is one whole sentence for every look-alike of every thread", () => {
    const broken = catalogue()
      .filter((_, at) => at % 5 === 0)
      .flatMap((thread) => confusedWith(thread).map((alike) => dangerWords(alike, thread)))
      .filter(
        (sentence) =>
          !/^[A-Z0-9#][^]*\.$/.test(sentence) || /undefined|NaN|\ba [aeio]/.test(sentence),
      );
    expect(broken).toEqual([]);
  });
});
