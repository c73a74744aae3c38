import { COUNTER_WORDS } from "./counter-words";
import { LIST_WORDS } from "./list-words";
import { rewritten } from "./rewritten";
import { SIGNS } from "./signs";

describe("every rule of spelling", () => {
  it.each([...COUNTER_WORDS, ...LIST_WORDS, ...SIGNS].map((rule) => [rule[0], rule] as const))(
    "finds %s, which is its example, and leaves what it wrote alone",
    (example, rule) => {
      const once = rewritten(example, [rule]);
      expect(once).not.toBe(example);
      expect(rewritten(once, [rule])).toBe(once);
    },
  );
});
