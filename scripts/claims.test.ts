import { readFileSync } from "node:fs";
import path from "node:path";
import * as ts from "typescript";

const ROOT = path.resolve(__dirname, "..");

/** A change of a source: a text in it, and what is put in its place. */
interface Change {
  readonly file: string;
  readonly from: string;
  readonly to: string;
}

const CORE = ["core/index.ts", "core/bench.ts", "contract/index.ts"];

function compilerOptions(): ts.CompilerOptions {
  const read = ts.readConfigFile(path.join(ROOT, "tsconfig.eslint.json"), (file) =>
    readFileSync(file, "utf8"),
  );
  const { options } = ts.parseJsonConfigFileContent(read.config, ts.sys, ROOT);
  return { ...options, noEmit: true, types: ["node"] };
}

const options = compilerOptions();
const parsed = new Map<string, ts.SourceFile>();

/** The product compiled with some of its sources changed: the files that then do not compile. */
function brokenBy(changes: readonly Change[]): readonly string[] {
  const changed = new Map<string, string>();
  for (const { file, from, to } of changes) {
    const full = path.join(ROOT, file);
    const text = changed.get(full) ?? readFileSync(full, "utf8");
    if (!text.includes(from)) throw new Error(`${file} holds no ${from}`);
    changed.set(full, text.replace(from, to));
  }
  const host = ts.createCompilerHost(options);
  const { getSourceFile } = host;
  host.getSourceFile = (name, target, ...more) => {
    const text = changed.get(path.resolve(name));
    if (text !== undefined) return ts.createSourceFile(name, text, target, true);
    const known = parsed.get(name) ?? getSourceFile.call(host, name, target, ...more);
    if (known !== undefined) parsed.set(name, known);
    return known;
  };
  const roots = CORE.map((part) => path.join(ROOT, part));
  const program = ts.createProgram(roots, options, host);
  const files = program
    .getSemanticDiagnostics()
    .flatMap(({ file }) => (file === undefined ? [] : [path.relative(ROOT, file.fileName)]));
  return [...new Set(files)].sort();
}

// Each claim of docs/maintaining.md that something does not compile until it has what it needs.
describe("what does not compile", () => {
  it("is nothing, as it stands", () => {
    expect(brokenBy([])).toEqual([]);
  });

  it("is a thread family until it has its standard, its words and its use", () => {
    const broken = brokenBy([
      { file: "core/catalogue/threads/thread.ts", from: '"hose",', to: '"hose",\n  "spark-plug",' },
    ]);
    expect(broken).toEqual(
      expect.arrayContaining([
        "core/catalogue/threads/families.ts",
        "core/catalogue/notes/uses.ts",
        "core/say/common/thread-words.ts",
      ]),
    );
  });

  it("is a kind of reading until it is weighed, put in words, taught and has its schema", () => {
    const broken = brokenBy([
      {
        file: "core/identify/weigh/reading.ts",
        from: "interface EndFigures {",
        to: "interface EndFigures {\n  readonly weight: { readonly grams: number };",
      },
    ]);
    expect(broken).toEqual(
      expect.arrayContaining([
        "contract/reading.ts",
        "core/identify/weigh/evidence-table.ts",
        "core/say/common/reading-words.ts",
        "core/say/bench/teaching.ts",
      ]),
    );
  });

  it("is a head style until it has its datum, its lines and its words; its schema is made from the list", () => {
    const broken = brokenBy([
      {
        file: "core/catalogue/looks/head-style.ts",
        from: "export const HEAD_STYLES = [",
        to: 'export const HEAD_STYLES = [\n  "banjo",',
      },
    ]);
    expect(broken).toEqual(
      expect.arrayContaining([
        "core/catalogue/looks/head-style.ts",
        "core/draw/parts/head-outline.ts",
        "core/say/common/look-words.ts",
      ]),
    );
    expect(broken.filter((file) => file.startsWith("contract/"))).toEqual([]);
  });

  it("is a condition of a part until it has its model", () => {
    const broken = brokenBy([
      {
        file: "core/identify/weigh/reading.ts",
        from: "export const PART_CONDITIONS = [",
        to: 'export const PART_CONDITIONS = [\n  "polished",',
      },
    ]);
    expect(broken).toContain("core/identify/weigh/size-model.ts");
  });

  it("is a duty or a finish until it has its words", () => {
    const broken = brokenBy([
      {
        file: "core/catalogue/circumstances/circumstances.ts",
        from: "export const DUTIES = [",
        to: 'export const DUTIES = [\n  "hanging",',
      },
      {
        file: "core/catalogue/looks/finishes.ts",
        from: "export const FINISHES = [",
        to: 'export const FINISHES = [\n  "phosphated",',
      },
    ]);
    expect(broken).toEqual(
      expect.arrayContaining([
        "core/catalogue/fasteners/finish.ts",
        "core/say/sheet/circumstances-words.ts",
        "core/say/common/look-words.ts",
      ]),
    );
  });

  it("is an error of the API until it has a status and says what it means", () => {
    const broken = brokenBy([
      {
        file: "contract/api-error.ts",
        from: "export const API_ERRORS = {",
        to: 'export const API_ERRORS = {\n  "tea-break": { status: 503 },',
      },
    ]);
    expect(broken).toContain("contract/api-error.ts");
  });
});
