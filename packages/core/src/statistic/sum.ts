import { lognormal, type Lognormal } from './lognormal';

/** The mean of a log-normal: median·e^{σ²/2}. @example meanOf({ median: 100, sigma: 0.3 }) // 104.6 */
export function meanOf({ median, sigma }: Lognormal): number {
  return median * Math.exp(sigma ** 2 / 2);
}

/**
 * The sum of log-normal quantities as one log-normal with the same mean and variance
 * (Fenton and Wilkinson's approximation, from memory).
 *
 * @param correlation of the logarithms, pair by pair, 0 to 1
 * @throws RangeError for an empty list or a correlation outside 0 to 1
 * @example sumOf([{ median: 100, sigma: 0 }, { median: 50, sigma: 0 }], 0) // { median: 150, sigma: 0 }
 */
export function sumOf(parts: readonly Lognormal[], correlation: number): Lognormal {
  const [first] = parts;
  if (!first) throw new RangeError('A sum needs at least one part.');
  if (!(correlation >= 0 && correlation <= 1)) throw new RangeError('A correlation of heads lies between 0 and 1.');
  if (parts.length === 1) return first;
  const means = parts.map(meanOf);
  const mean = means.reduce((sum, part) => sum + part, 0);
  let variance = 0;
  parts.forEach((a, i) => {
    parts.forEach((b, j) => {
      const shared = i === j ? 1 : correlation;
      variance += (means[i] ?? 0) * (means[j] ?? 0) * Math.expm1(shared * a.sigma * b.sigma);
    });
  });
  const sigma = Math.sqrt(Math.log1p(variance / mean ** 2));
  return lognormal(mean * Math.exp(-(sigma ** 2) / 2), sigma);
}
