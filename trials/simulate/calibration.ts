/** A first answer: how likely it was called, and whether it was right. */
export interface FirstAnswer {
  readonly confidence: number;
  readonly right: boolean;
}

const BINS = 10;

/** Expected calibration error: by tenths of probability, how far off the share of right answers is, weighted. */
export function calibrationError(answers: readonly FirstAnswer[]): number {
  const bins = Array.from({ length: BINS }, (_, bin) =>
    answers.filter(({ confidence }) => Math.min(BINS - 1, Math.floor(confidence * BINS)) === bin),
  );
  return bins.reduce((sum, inBin) => {
    const meant = inBin.reduce((total, { confidence }) => total + confidence, 0);
    const right = inBin.filter((answer) => answer.right).length;
    return sum + Math.abs(meant - right) / answers.length;
  }, 0);
}
