import type { HeadLook } from '@amber-ladle/contract';

/** Tones that a head is drawn in. */
export const SKIN: Readonly<Record<HeadLook['skin'], { readonly tone: string }>> = {
  porcelain: { tone: '#F5DCC6' },
  sand: { tone: '#E9C4A2' },
  honey: { tone: '#D6A47B' },
  bronze: { tone: '#B98159' },
  umber: { tone: '#8F5F41' },
  ebony: { tone: '#5E3F2E' },
};
export const HAIR: Readonly<Record<HeadLook['hair'], { readonly tone: string; readonly strand: string }>> = {
  black: { tone: '#2F2724', strand: '#8C7B70' },
  'dark-brown': { tone: '#4B362A', strand: '#A08873' },
  brown: { tone: '#6E4E38', strand: '#B99A7C' },
  chestnut: { tone: '#8C5637', strand: '#D3A27B' },
  copper: { tone: '#AE6234', strand: '#E5AE7C' },
  'dark-blond': { tone: '#B48D5B', strand: '#7C5A33' },
  blond: { tone: '#DCBD80', strand: '#A07F45' },
  grey: { tone: '#AAA59E', strand: '#6D6861' },
  white: { tone: '#E6E2DA', strand: '#9A948A' },
};
