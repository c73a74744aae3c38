import type { Phrase } from "./phrases";

/** Text that is read piece by piece; what has been understood is cut out of it. */
export class Remaining {
  constructor(private text: string) {}

  /** Cuts out the first match and hands it back. */
  take(pattern: RegExp): RegExpExecArray | undefined {
    const found = pattern.exec(this.text);
    if (found === null) return undefined;
    const before = this.text.slice(0, found.index);
    this.text = `${before} ${this.text.slice(found.index + found[0].length)}`;
    return found;
  }

  /** The meaning of the first phrase that is there, cut out. */
  takePhrase<Meaning>(phrases: readonly Phrase<Meaning>[]): Meaning | undefined {
    for (const { read, means } of phrases) {
      if (this.take(read) !== undefined) return means;
    }
    return undefined;
  }

  /** What nobody has understood yet, tidied. */
  rest(): string {
    return this.text
      .replace(/[,;()]/g, " ")
      .replace(/\s+/g, " ")
      .replace(/(?:^|\s)[-.]+(?=\s|$)/g, " ")
      .trim();
  }
}
