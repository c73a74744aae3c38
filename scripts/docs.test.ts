import { existsSync, readdirSync, readFileSync } from "node:fs";
import path from "node:path";

const ROOT = path.resolve(__dirname, "..");
const DOCS = ["README.md", ...readdirSync(path.join(ROOT, "docs")).filter(isText).map(inDocs)];

function isText(file: string): boolean {
  return file.endsWith(".md");
}

function inDocs(file: string): string {
  return path.join("docs", file);
}

/** Folders that a document leaves out where it is plain which one is meant. */
const UNDER = ["", "app/src", "server/src", "core", "app"];

/** What is written like a file of ours: a path with an extension, in backticks. */
const FILE = /`((?:[\w@.[\]-]+\/)+[\w.[\]-]+\.(?:tsx?|mjs|cjs|js|json|html|txt))`/g;

const COMMAND = /`npm (?:run )?([\w:]+)`/g;
const NPM_OWN = new Set(["ci", "install", "start", "test"]);

describe.each(DOCS)("%s", (doc) => {
  const text = readFileSync(path.join(ROOT, doc), "utf8");

  it("names only files that are there", () => {
    const named = [...text.matchAll(FILE)].map(([, file = ""]) => file);
    const gone = named.filter(
      (file) => !UNDER.some((folder) => existsSync(path.join(ROOT, folder, file))),
    );
    expect(gone).toEqual([]);
  });

  it("links only to what is there", () => {
    const linked = [...text.matchAll(/\]\(([^)#:]+)\)/g)].map(([, target = ""]) => target);
    const gone = linked.filter(
      (target) => !existsSync(path.resolve(ROOT, path.dirname(doc), target)),
    );
    expect(gone).toEqual([]);
  });

  it("names only commands that there are", () => {
    const { scripts } = JSON.parse(readFileSync(path.join(ROOT, "package.json"), "utf8")) as {
      scripts: Record<string, string>;
    };
    const named = [...text.matchAll(COMMAND)].map(([, script = ""]) => script);
    expect(named.filter((script) => !NPM_OWN.has(script) && !(script in scripts))).toEqual([]);
  });
});

it("the reading order has ten stops", () => {
  const text = readFileSync(path.join(ROOT, "docs/architecture.md"), "utf8");
  const stops = [...text.matchAll(/^\d+\. `([^`]+)`/gm)].map(([, file = ""]) => file);
  expect(stops).toHaveLength(10);
  expect(stops.filter((file) => !existsSync(path.join(ROOT, file)))).toEqual([]);
});

it("every dependency of the app is imported, or stands with its reason", () => {
  const { dependencies } = JSON.parse(
    readFileSync(path.join(ROOT, "app/package.json"), "utf8"),
  ) as {
    dependencies: Record<string, string>;
  };
  const folder = path.join(ROOT, "app/src");
  const sources = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((file) => /\.tsx?$/.test(file))
    .map((file) => readFileSync(path.join(folder, file), "utf8"))
    .join("\n");
  const unnamed = Object.keys(dependencies).filter(
    (name) => !sources.includes(`"${name}"`) && !sources.includes(`"${name}/`),
  );
  const text = readFileSync(path.join(ROOT, "docs/maintaining.md"), "utf8");
  const [, section = ""] = text.split("## Dependencies that no source names");
  const reasoned = [...section.matchAll(/`([@\w/-]+)`/g)].map(([, name = ""]) => name);
  const listed = reasoned.filter((name) => name !== "app/package" && name in dependencies);
  expect(listed.sort()).toEqual(unnamed.sort());
});
