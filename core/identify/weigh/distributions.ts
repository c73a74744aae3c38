/** ln of the complementary error function for z >= 0 (Numerical Recipes, erfc by Chebyshev fit; relative error 1.2e-7). */
function logErfcPositive(z: number): number {
  const t = 1 / (1 + 0.5 * z);
  const polynomial =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t *
                          (-1.13520398 +
                            t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  return Math.log(t) - z * z + polynomial;
}

function logErfc(z: number): number {
  return z >= 0 ? logErfcPositive(z) : Math.log(2 - Math.exp(logErfcPositive(-z)));
}

/** Density of the normal distribution. */
export function normalDensity(x: number, mean: number, sd: number): number {
  const z = (x - mean) / sd;
  return Math.exp(-0.5 * z * z) / (sd * Math.sqrt(2 * Math.PI));
}

/** Probability of a standard normal variable under z. */
export function normalCumulative(z: number): number {
  return z <= 0
    ? 0.5 * Math.exp(logErfc(-z / Math.SQRT2))
    : 1 - 0.5 * Math.exp(logErfc(z / Math.SQRT2));
}

/**
 * Density of origin - E + N, with E exponential of the given mean and N normal(0, sd): something that started at
 * `origin`, lost an exponentially distributed amount, and was read with normal noise.
 */
export function lossDensity(x: number, origin: number, meanLoss: number, sd: number): number {
  const lost = origin - x;
  const z = (sd / meanLoss - lost / sd) / Math.SQRT2;
  const logDensity =
    -Math.log(2 * meanLoss) + (sd * sd) / (2 * meanLoss * meanLoss) - lost / meanLoss + logErfc(z);
  return Math.exp(logDensity);
}

/** Probability that origin - E + N is under x, with E and N as in `lossDensity`. */
export function lossCumulative(x: number, origin: number, meanLoss: number, sd: number): number {
  const z = (origin - x) / sd;
  const ratio = sd / meanLoss;
  // ln of exp(ratio^2 / 2 - ratio z) times the normal's share over ratio - z, kept in logarithms.
  const logTail = (ratio * ratio) / 2 - ratio * z + logErfc((ratio - z) / Math.SQRT2) - Math.LN2;
  return Math.min(1, Math.max(0, normalCumulative(-z) + Math.exp(logTail)));
}
