import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { NO_STORY, rankMasks, rhythmsOf, stockNow, type RankedHead } from '@amber-ladle/core/judge';
import { BUILT_IN_MASKS, NEEDS, type Mask } from '@amber-ladle/core/mask';
import type { Lot } from '@amber-ladle/core/shelf';
import { aProfile, anAdult } from '@amber-ladle/core/testing';
import { percentile, print, timed } from './print';

const NOW = Date.parse('2026-03-14T09:30:00Z');

/** 500 masks for five heads with a shelf of 200 lots. */
export function benchRanking(): void {
  const masks: Mask[] = Array.from({ length: 500 }, (_, i) => ({
    ...(BUILT_IN_MASKS[i % BUILT_IN_MASKS.length] as Mask),
    id: `mask-${i}`,
  }));
  const ids = [...CATALOGUE.keys()];
  const lots: Lot[] = Array.from({ length: 200 }, (_, i) => ({
    id: `lot-${i}`,
    ingredientId: ids[i % ids.length] as string,
    state: i % 3 === 0 ? 'cut' : 'opened',
    since: new Date(NOW - (i % 30) * 3_600_000).toISOString(),
    grams: 50 + i,
    label: '',
    stays: [{ placeId: 'fridge', from: new Date(NOW - (i % 30) * 3_600_000).toISOString() }],
    touches: [],
  }));
  const climate = { places: [{ id: 'fridge', name: 'Fridge', kind: 'fridge' as const, celsius: 4 }], readings: [] };
  const heads: RankedHead[] = Array.from({ length: 5 }, (_, i) => ({
    id: `head-${i}`,
    profile: aProfile({ stretchedLengthCentimetres: 10 + 15 * i }),
    wearer: anAdult,
    story: { ...NO_STORY, needs: [NEEDS[i] as (typeof NEEDS)[number]] },
    wore: BUILT_IN_MASKS.slice(0, 12).map((mask, k) => ({
      at: new Date(NOW - (k + 30) * 86_400_000).toISOString(),
      maskId: mask.id,
      rhythms: rhythmsOf(mask, CATALOGUE),
      ingredientIds: mask.parts.map(({ ingredientId }) => ingredientId),
    })),
  }));
  const wish = { now: NOW, timeZone: 'Europe/Amsterdam', schools: {} };
  const samples = Array.from({ length: 12 }, () =>
    timed(() => {
      const stock = stockNow(lots, CATALOGUE, climate, NOW);
      for (const head of heads) rankMasks(masks, head, stock, CATALOGUE, wish);
    }),
  );
  print('rank 500 masks × 5 heads, 200 lots (median)', `${percentile(samples, 0.5).toFixed(0)} ms`, 'aim < 100 ms');
}
