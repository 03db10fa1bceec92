/** Writes one line of the report. */
export function print(what: string, value: string, aim = ''): void {
  process.stdout.write(`${what.padEnd(58)} ${value.padStart(22)}  ${aim}\n`);
}

/** The value below which a share of the samples lies. */
export function percentile(samples: readonly number[], share: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

/** Milliseconds that a piece of work takes. */
export function timed(work: () => unknown): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}
