import { execFileSync } from "node:child_process";
import path from "node:path";

const ROOT = path.resolve(__dirname, "..");

/** A file that is in nobody's tree, what it imports, and whether it may. */
const TRIED: readonly (readonly [file: string, imports: string, may: boolean])[] = [
  ["core/measure/index.ts", "react", false],
  ["core/measure/index.ts", "zod", false],
  ["core/index.ts", "node:fs", false],
  ["core/say/common/index.ts", "../../catalogue/threads/thread", false],
  ["core/say/common/tried.ts", "../../catalogue/threads", true],
  ["core/say/common/tried.ts", "../charts/note-words", false],
  ["core/say/common/tried.ts", "../charts", true],
  ["core/record/tried.ts", "../measure/length", false],
  ["core/record/tried.ts", "../catalogue/threads", true],
  ["trials/bucket/index.ts", "@root-gauge/core/identify/weigh", false],
  ["trials/bucket/tried.ts", "@root-gauge/core/measure", true],
  ["app/src/kit/tried.ts", "@root-gauge/core/say/common/words", false],
  ["app/src/kit/tried.ts", "@root-gauge/core/say/common", true],
  ["app/src/data/server/tried.ts", "../kept/text-storage", true],
  ["app/src/data/server/tried.ts", "../../../../server/src/main", false],
  ["server/src/tried.ts", "../../app/src/kit/today", false],
  ["contract/tried.ts", "../trials/simulate", false],
];

/** What the linter says of each: whether a rule of imports stands against it. */
const LINT = `
import { ESLint } from "eslint";
const RULES = new Set(["no-restricted-imports", "boundaries/dependencies"]);
const eslint = new ESLint({ cwd: process.argv[2] });
const said = [];
for (const [file, imports] of JSON.parse(process.argv[1])) {
  const text = 'export * from "' + imports + '";\\n';
  const [{ messages }] = await eslint.lintText(text, { filePath: process.argv[2] + "/" + file });
  said.push(messages.some(({ ruleId }) => RULES.has(ruleId)));
}
console.log(JSON.stringify(said));
`;

it("the arrows between the parts are held, an index of the core no less than its other files", () => {
  const out = execFileSync(
    process.execPath,
    ["--input-type=module", "--eval", LINT, JSON.stringify(TRIED), ROOT],
    { cwd: ROOT, encoding: "utf8" },
  );
  const refused = JSON.parse(out) as readonly boolean[];
  expect(TRIED.map(([file, imports], at) => [file, imports, !refused[at]])).toEqual(TRIED);
});
