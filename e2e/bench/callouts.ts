import { createRequire } from "node:module";
import path from "node:path";
import { outcomeOf, readCorpus, type WrittenCallout } from "@root-gauge/trials/callouts";
import { print } from "./report";

const { resolve } = createRequire(import.meta.url);
const CORPUS = path.join(
  path.dirname(resolve("@root-gauge/trials/package.json")),
  "callouts",
  "corpus",
);

function row(name: string, all: readonly WrittenCallout[]): string {
  const outcomes = all.map(outcomeOf);
  const count = (outcome: (typeof outcomes)[number]) =>
    outcomes.filter((one) => one === outcome).length;
  return `| ${name} | ${all.length} | ${count("as-meant")} | ${count("asked-back")} | ${count("misread")} |`;
}

/** How the call-outs of the corpus are read, by their class and by when they were collected, as a Markdown table. */
export function benchCallouts(): void {
  const corpus = readCorpus(CORPUS);
  const all = Object.values(corpus).flat();
  print("| call-outs | written | as meant | asked back | misread |");
  print("| --- | --- | --- | --- | --- |");
  for (const group of new Set(all.map((one) => one.group))) {
    print(
      row(
        group,
        all.filter((one) => one.group === group),
      ),
    );
  }
  print(row("the half the reader was written against", corpus.open));
  print(row("the half that was held back", corpus.heldBack));
  print(row("collected when the reader stood", corpus.later));
  print(row("all", all));
}
