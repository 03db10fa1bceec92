import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import type { Head } from '@amber-ladle/contract';
import { drawsFrom } from '@amber-ladle/core/statistic';
import sharp from 'sharp';
import { v5 as uuidFrom } from 'uuid';
import type { Household } from '../kernel/household';
import { addPhoto } from '../photo';

const SPACE = '9e0a1f6c-0f0a-4f5b-8b11-5f1f0c2b7a00';

/** Pictures of somebody who does not exist: drawn here, strand by strand. */
const PICTURES = [
  { daysAgo: 362, moment: 'length', words: 'mid-back', reach: 0.62, frizz: 9, seed: 3 },
  { daysAgo: 180, moment: 'length', words: 'after the trim', reach: 0.66, frizz: 6, seed: 5 },
  { daysAgo: 40, moment: 'before', words: 'before Towpath avocado', reach: 0.7, frizz: 8, seed: 7 },
  { daysAgo: 39, moment: 'after', words: 'the day after', reach: 0.72, frizz: 2.5, seed: 8 },
] as const;

const [WIDTH, HEIGHT] = [720, 960];

/** A head from behind with hair to a share of the picture's height. */
function drawn({ reach, frizz, seed }: (typeof PICTURES)[number]): string {
  const draws = drawsFrom(seed);
  const bottom = HEIGHT * reach + 150;
  const strands = Array.from({ length: 230 }, (_, i) => {
    const across = (i / 229) * 2 - 1;
    const x0 = 360 + across * 95;
    const x1 = 360 + across * 190 + draws.normal() * frizz * 2;
    const end = bottom - Math.abs(across) * 110 + draws.normal() * frizz * 2.4;
    const wave = 22 + draws.normal() * frizz;
    const middle = (180 + end) / 2;
    const tone = 24 + Math.round(draws.uniform() * 16);
    return `<path d="M${x0.toFixed(1)} ${(150 + Math.abs(across) * 40).toFixed(1)} C ${(x0 + across * 60 + wave).toFixed(1)} ${(middle - 120).toFixed(1)}, ${(x1 - wave).toFixed(1)} ${(middle + 80).toFixed(1)}, ${x1.toFixed(1)} ${end.toFixed(1)}" stroke="hsl(22 34% ${tone}%)" stroke-width="${(3 + draws.uniform() * 3).toFixed(1)}" fill="none" stroke-linecap="round"/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}">
    <rect width="100%" height="100%" fill="#cfd8d3"/>
    <rect y="${HEIGHT - 130}" width="100%" height="130" fill="#b7a58e"/>
    <path d="M120 960 C 130 560, 250 470, 360 470 C 470 470, 590 560, 600 960 Z" fill="#7d5a78"/>
    <rect x="312" y="360" width="96" height="130" rx="40" fill="#8a5a3c"/>
    <ellipse cx="360" cy="255" rx="118" ry="140" fill="#3a2418"/>
    ${strands.join('')}
  </svg>`;
}

/** Drawn, then brought in as a camera's picture would be. */
export async function seedPhotos(household: Household, head: Head): Promise<void> {
  const present = Date.parse(household.clock.now());
  for (const [i, picture] of PICTURES.entries()) {
    const { daysAgo, moment, words } = picture;
    const jpeg = await sharp(Buffer.from(drawn(picture)))
      .jpeg({ quality: 88 })
      .toBuffer();
    const at = new Date(present - daysAgo * TWENTY_FOUR_HOURS).toISOString();
    await addPhoto(household, head.id, { id: uuidFrom(`photo ${i}`, SPACE), at, moment, words }, jpeg);
  }
}
