import { lookUpThread, type Thread } from "../../catalogue/threads";

/** What people say for a series or a family, besides its own letters. */
const SAID: Readonly<Record<string, readonly string[]>> = {
  BSW: ["whit", "whitworth"],
  BSF: ["british standard fine"],
  BA: ["british association"],
  coarse: ["metric"],
  fine: ["metric"],
  UNC: ["NC", "american coarse"],
  UNF: ["NF", "SAE", "american fine"],
  G: ["gas", "BSP", "BSPP", "pipe"],
  R: ["gas", "BSP", "BSPT", "pipe"],
  NPT: ["pipe"],
};

/** The size that a designation begins with: "3/8" of "3/8-16 BSW", "#10" of "#10-32 UNF". */
const SIZE = /^#?\d+(?: \d+\/\d+|\/\d+)?(?=-)/;

/**
 * What a thread is looked for by, besides its designation: its size as it is measured and said, run together, and the words
 * that people use for its kind: "M10", "10 mm", "3/8 whit", "10-32".
 */
export function threadNames(thread: Thread): readonly string[] {
  const { designation, series, family, majorMm, pitchMm } = thread;
  const names = [designation, designation.replace(/ x /g, "x"), series, ...(SAID[series] ?? [])];
  if (family === "iso-metric") {
    names.push(`M${majorMm}`, `${majorMm} mm`, `${majorMm}mm`, `${pitchMm} mm pitch`);
  }
  const size = SIZE.exec(designation)?.[0];
  if (size !== undefined) {
    const named = designation.slice(0, designation.indexOf(" ", size.length));
    names.push(size, size.replace("#", ""), named, named.replace("#", ""));
  }
  if (family === "ba") names.push(designation.replace(" ", ""));
  return [...new Set(names.filter((name) => name !== ""))];
}

/** The same of every thread that a text names, as a call-out does. */
export function threadNamesIn(text: string): readonly string[] {
  const found = lookUpThread(text);
  return found.kind === "found" ? threadNames(found.thread) : [];
}
