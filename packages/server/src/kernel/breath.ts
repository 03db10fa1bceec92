/** As long as one piece of work may hold everybody else up, milliseconds. */
const MOST_MILLISECONDS = 12;

/**
 * Long work in small pieces: called between them, it lets others be answered whenever one has gone on for a moment.
 * @example const breathe = breaths(); for (const row of rows) { look(row); await breathe(); }
 */
export function breaths(): () => Promise<void> {
  let began = performance.now();
  return async () => {
    if (performance.now() - began < MOST_MILLISECONDS) return;
    await new Promise((resolve) => setImmediate(resolve));
    began = performance.now();
  };
}
