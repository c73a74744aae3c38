import type { Phrase } from "./phrases";

/** Stands in the place of what was understood: neither a space nor a sign of any word, so nothing reads across it. */
const TAKEN = "\u0001";

/** A run of letters, or an abbreviation with points. */
const LETTERS = /[a-z\u00c0-\u024f]+(?:\.[a-z]+)*/gi;
/** Signs that a thread, a length or a list is written with; any other is named. */
const STRAY = /[^\w\s.,;:"'/#=()+&\u00c0-\u024f\u0001-]/g;

/** A figure and a fraction that stood apart are no mixed number. */
const APART = new RegExp(String.raw`(\d"?)[ ,]*${TAKEN}[ ,${TAKEN}]*(?=\d+\/\d+)`, "g");

/** Text that is read piece by piece; what has been understood is cut out of it. */
export class Remaining {
  constructor(private text: string) {}

  /** Cuts out the first match and hands it back. */
  take(pattern: RegExp): RegExpExecArray | undefined {
    const found = pattern.exec(this.text);
    if (found === null) return undefined;
    const before = this.text.slice(0, found.index);
    this.text = `${before} ${TAKEN} ${this.text.slice(found.index + found[0].length)}`;
    return found;
  }

  /** Cuts out every match of a global pattern. */
  takeAll(pattern: RegExp): void {
    this.text = this.text.replace(pattern, (found) => ` ${TAKEN} `.padEnd(found.length));
  }

  /** Cuts out a word or several, as they stand, whatever their case; says whether they were there. */
  takeWord(word: string): boolean {
    const escaped = word
      .trim()
      .replace(/[.*+?^${}()|[\]\\]/g, "\\$&")
      .replace(/\s+/g, "\\s+");
    return (
      escaped !== "" &&
      this.take(new RegExp(String.raw`(?<![\w/])${escaped}(?![\w/])`, "iu")) !== undefined
    );
  }

  /** The first phrase that is there, cut out: its meaning, and how it was written. */
  takeWritten<Meaning>(
    phrases: readonly Phrase<Meaning>[],
  ): { readonly means: Meaning; readonly written: string } | undefined {
    for (const { read, means } of phrases) {
      const found = this.take(read);
      if (found !== undefined) return { means, written: found[0] };
    }
    return undefined;
  }

  /** The meaning of the first phrase that is there, cut out. */
  takePhrase<Meaning>(phrases: readonly Phrase<Meaning>[]): Meaning | undefined {
    return this.takeWritten(phrases)?.means;
  }

  /**
   * Cuts out every word that is not known, whole, with the figures written onto it, and every stray sign.
   * @returns them as they were written
   */
  takeUnknown(known: RegExp): string[] {
    const taken: string[] = [];
    const cut = (from: number, to: number) => {
      taken.push(this.text.slice(from, to));
      this.text = `${this.text.slice(0, from)}${" ".repeat(to - from)}${this.text.slice(to)}`;
    };
    for (const { index, 0: word } of [...this.text.matchAll(LETTERS)]) {
      if (known.test(word) || this.text[index] === " ") continue;
      const before = /[\d.]*$/.exec(this.text.slice(0, index))?.[0].length ?? 0;
      const after = /^[\w.-]*/.exec(this.text.slice(index + word.length))?.[0].length ?? 0;
      cut(index - before, index + word.length + after);
    }
    for (const { index } of [...this.text.matchAll(STRAY)]) cut(index, index + 1);
    return taken.map((word) => word.replace(/[.-]+$/, ""));
  }

  /** Writes a piece in another order or spelling, where it is there. */
  rewrite(pattern: RegExp, by: string): void {
    this.text = this.text.replace(pattern, by);
  }

  /** What nobody has understood yet, tidied. */
  rest(): string {
    return this.text
      .replace(APART, "$1 x ")
      .replaceAll(TAKEN, " ")
      .replace(/[,;:()&]/g, " ")
      .replace(/\s+/g, " ")
      .replace(/(?:^|\s)[-./]+(?=\s|$)/g, " ")
      .replace(/^[\s-]+|[\s-]+$/g, "")
      .trim();
  }
}
