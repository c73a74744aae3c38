/** Rounds to a number of decimals, halves away from zero, unharmed by binary representation of the half. */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals;
  return Math.round(value * scale + Math.sign(value) * 1e-7) / scale;
}

/** Rounds to a number of decimals, halves to the even neighbour (the rule of ASME B1.30). */
export function roundHalfEven(value: number, decimals: number): number {
  const scale = 10 ** decimals;
  const scaled = value * scale;
  const floor = Math.floor(scaled);
  const isTie = Math.abs(scaled - floor - 0.5) < 1e-7;
  if (!isTie) return Math.round(scaled) / scale;
  return (floor % 2 === 0 ? floor : floor + 1) / scale;
}
