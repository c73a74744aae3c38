import { CORPUS, outcomeOf, type WrittenCallout } from "@root-gauge/core/callout-corpus";
import { print } from "./report";

function row(name: string, all: readonly WrittenCallout[]): string {
  const outcomes = all.map(outcomeOf);
  const count = (outcome: (typeof outcomes)[number]) =>
    outcomes.filter((one) => one === outcome).length;
  return `| ${name} | ${all.length} | ${count("as-meant")} | ${count("asked-back")} | ${count("misread")} |`;
}

/** How the call-outs of the corpus are read, by their class and by when they were collected, as a Markdown table. */
export function benchCallouts(): void {
  const all = Object.values(CORPUS).flat();
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
  print(row("the half the reader was written against", CORPUS.open));
  print(row("the half that was held back", CORPUS.heldBack));
  print(row("collected when the reader stood", CORPUS.later));
  print(row("all", all));
}
