/** The R40 series of preferred numbers, one decade (ISO 3, table 1). */
const R40 = [
  1, 1.06, 1.12, 1.18, 1.25, 1.32, 1.4, 1.5, 1.6, 1.7, 1.8, 1.9, 2, 2.12, 2.24, 2.36, 2.5, 2.65,
  2.8, 3, 3.15, 3.35, 3.55, 3.75, 4, 4.25, 4.5, 4.75, 5, 5.3, 5.6, 6, 6.3, 6.7, 7.1, 7.5, 8, 8.5, 9,
  9.5,
] as const;

function r40At(index: number): number {
  const decade = Math.floor(index / 40);
  return (R40[index - decade * 40] ?? 1) * 10 ** decade;
}

/**
 * The R40 number nearest to a positive value by ratio, moved a number of whole steps.
 * ISO 965-1 rounds its tolerances so, and makes one grade from another by whole steps.
 */
export function r40(value: number, steps = 0): number {
  const near = Math.round(40 * Math.log10(value));
  const ratio = (index: number) => Math.abs(Math.log(r40At(index) / value));
  const nearest = [near - 1, near, near + 1].reduce((a, b) => (ratio(b) < ratio(a) ? b : a));
  return r40At(nearest + steps);
}
