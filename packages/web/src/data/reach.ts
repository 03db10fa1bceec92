import { addressOf, api } from '@amber-ladle/contract';
import { readonly, ref } from 'vue';

/** While nobody answers it is asked again so often, milliseconds. */
const ASKED_EVERY = 3000;
const PATIENCE = 2500;

const away = ref(false);
const from = ref(0);
let heardAt = 0;
let asking: ReturnType<typeof setInterval> | undefined;
const returns = new Set<() => unknown>();

/** Whether the server is away: nobody answered when something was asked last. */
export const isAway = readonly(away);
/** How old what is shown may be while it is away, by this device's own clock, milliseconds since 1970; 0 where it is not known. */
export const shownFrom = readonly(from);

/** Runs once the server is back; what was read meanwhile may be out of date. */
export const onReturn = (run: () => unknown): void => void returns.add(run);

/** Whether somebody answers now, without waiting long. */
export const isThere = (): Promise<boolean> =>
  fetch(addressOf(api.household.health), { signal: AbortSignal.timeout(PATIENCE) }).then(
    () => true,
    () => false,
  );

/** Somebody answered, whatever they said. */
export function answered(): void {
  heardAt = Date.now();
  if (!away.value) return;
  away.value = false;
  from.value = 0;
  clearInterval(asking);
  for (const run of returns) run();
}

/**
 * Nobody answered. It is asked by itself from now on, until somebody does.
 * @param keptAt of when what is shown instead is
 */
export function unanswered(keptAt = 0): void {
  from.value = heardAt || Math.max(from.value, keptAt);
  if (away.value) return;
  away.value = true;
  asking = setInterval(() => {
    void isThere().then((is) => {
      if (is) answered();
    });
  }, ASKED_EVERY);
}
