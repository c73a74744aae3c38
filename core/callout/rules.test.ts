import { COUNTER_WORDS } from "./counter-words";
import { LIST_WORDS } from "./list-words";
import { parseCallout } from "./parse-callout";
import { QUANTITY_FORMS } from "./quantity";
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

describe("every form of a number", () => {
  it.each(QUANTITY_FORMS)("is found in its example: %s", (example, form) => {
    expect(form.exec(example)?.[0]).toMatch(/\d|dozen/);
  });

  it.each(QUANTITY_FORMS.map(([example]) => example))("is how many are wanted: %s", (example) => {
    const read = parseCallout(example);
    if ("code" in read) throw new Error(`${example}: ${read.code}`);
    const wanted = /half a dozen/.test(example) ? 6 : /dozen/.test(example) ? 24 : undefined;
    const figures = [...example.matchAll(/\d+/g)].map(([figure]) => Number(figure));
    expect(wanted === undefined ? figures : [wanted]).toContain(read.quantity);
  });
});
