/** An example of what is found, how it is found, and what is written for it. */
export type Rule = readonly [
  example: string,
  pattern: RegExp,
  by: string | ((...found: string[]) => string),
];

/** A text with every rule applied to it, in their order. */
export function rewritten(text: string, rules: readonly Rule[]): string {
  return rules.reduce(
    (written, [, pattern, by]) =>
      typeof by === "string" ? written.replace(pattern, by) : written.replace(pattern, by),
    text,
  );
}
