import { mkdtemp, readdir, readFile, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { eachMapping, TraceMap } from "@jridgewell/trace-mapping";
import { orExplain } from "./explain";
import { ROOT } from "./paths";
import { run } from "./run";

/** The chunks that the page of the Bench asks for before it takes a touch; what else there is comes later. */
const FIRST = /^(?:__expo-metro-runtime|__common|entry|_layout)-/;
const BENCH = "app/src/bench/bench-screen.tsx";

/** The bytes of a script by the file they were made from. */
function textBySource(script: string, map: TraceMap): Map<string, string> {
  const lines = script.split("\n");
  const texts = new Map<string, string>();
  const put = (source: string, line: number, from: number, to: number | undefined) => {
    const text = lines[line]?.slice(from, to) ?? "";
    texts.set(source, (texts.get(source) ?? "") + text);
  };
  let open: { source: string; line: number; column: number } | undefined;
  eachMapping(map, ({ source, generatedLine, generatedColumn }) => {
    const line = generatedLine - 1;
    if (open !== undefined) {
      const sameLine = open.line === line;
      put(open.source, open.line, open.column, sameLine ? generatedColumn : undefined);
    }
    open = { source: source ?? "the bundler's own", line, column: generatedColumn };
  });
  if (open !== undefined) put(open.source, open.line, open.column, undefined);
  return texts;
}

/** The package a source belongs to; a folder of our own source counts as one. */
function packageOf(source: string): string {
  const inPackage = /.*\/node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(source);
  if (inPackage?.[1] !== undefined) return inPackage[1];
  const own = /(?:^|\/)(core|contract|app\/src)\/(.*)$/.exec(source);
  if (own === null) return "the bundler's own";
  const [, top = "", rest = ""] = own;
  const folders = rest.split("/").slice(0, -1);
  const shown = top === "core" ? folders : folders.slice(0, 1);
  return [top, ...shown].join("/");
}

interface Weighed {
  readonly name: string;
  readonly bytes: number;
  /** Bytes of gzip by package: each compressed by itself, scaled so that they add up to the script's own. */
  readonly shares: ReadonlyMap<string, number>;
  readonly sources: readonly string[];
}

async function weigh(folder: string, name: string): Promise<Weighed> {
  const script = await readFile(path.join(folder, name), "utf8");
  const map = new TraceMap(await readFile(path.join(folder, `${name}.map`), "utf8"));
  const bytes = gzipSync(script, { level: 9 }).length;
  const bySource = textBySource(script, map);
  const byPackage = new Map<string, string>();
  for (const [source, text] of bySource) {
    const owner = packageOf(source);
    byPackage.set(owner, (byPackage.get(owner) ?? "") + text);
  }
  const alone = [...byPackage].map(([owner, text]) => [owner, gzipSync(text).length] as const);
  const scale = bytes / alone.reduce((sum, [, size]) => sum + size, 0);
  return {
    name,
    bytes,
    shares: new Map(alone.map(([owner, size]) => [owner, size * scale])),
    sources: [...bySource.keys()],
  };
}

function print(title: string, scripts: readonly Weighed[]): void {
  const total = scripts.reduce((sum, { bytes }) => sum + bytes, 0);
  process.stdout.write(`\n${title}: ${(total / 1000).toFixed(1)} kB\n`);
  const sums = new Map<string, number>();
  for (const { shares } of scripts) {
    for (const [owner, size] of shares) sums.set(owner, (sums.get(owner) ?? 0) + size);
  }
  for (const [owner, size] of [...sums].sort((a, b) => b[1] - a[1])) {
    process.stdout.write(`${(size / 1000).toFixed(1).padStart(8)}  ${owner}\n`);
  }
}

// What each package and each folder of ours weighs, in kB of gzip, before the Bench takes a touch and after.
await orExplain(async () => {
  const out = await mkdtemp(path.join(tmpdir(), "root-gauge-weight-"));
  try {
    const env = { EXPO_OFFLINE: "1", EXPO_NO_TELEMETRY: "1", CI: "1" };
    const args = ["expo", "export", "-p", "web", "--source-maps", "--output-dir", out];
    const code = await run("npx", args, { cwd: path.join(ROOT, "app"), env });
    if (code !== 0) throw new Error("expo export failed; see its message above");
    const folder = path.join(out, "_expo", "static", "js", "web");
    const names = (await readdir(folder)).filter((name) => name.endsWith(".js"));
    const scripts = await Promise.all(names.map((name) => weigh(folder, name)));
    const isFirst = ({ name, sources }: Weighed) =>
      FIRST.test(name) || sources.some((source) => source.endsWith(BENCH));
    print("Before the Bench takes a touch", scripts.filter(isFirst));
    print(
      "Afterwards, while nobody waits",
      scripts.filter((script) => !isFirst(script)),
    );
  } finally {
    await rm(out, { recursive: true, force: true });
  }
});
