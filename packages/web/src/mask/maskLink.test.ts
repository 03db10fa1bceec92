import { readMaskFile } from '@amber-ladle/core/exchange';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import fc from 'fast-check';
import { deflateRawSync } from 'node:zlib';
import { expect, it } from 'vitest';
import { carriedBy, maskFileOf, maskLink } from './maskLink';

it('carries every mask of the book whole, in a link that a message takes', async () => {
  for (const mask of BUILT_IN_MASKS) {
    const link = await maskLink(mask);
    expect(link.length).toBeLessThan(4000);
    expect(new URL(link).pathname).toBe('/masks/paste');
    const { id: _id, version: _version, ...rest } = mask;
    expect(readMaskFile(await maskFileOf(carriedBy(link)!))).toEqual({ kind: 'whole', mask: rest });
  }
});

it('finds what is carried in an address, whoever it was written for', () => {
  expect(carriedBy('https://192.168.1.20:4311/masks/paste#mask=a-B_9')).toBe('a-B_9');
  expect(carriedBy(' #mask=ab ')).toBe('ab');
  for (const other of ['', '#mask=', 'two eggs', 'https://elsewhere.example/#other=1', '#mask=a b'])
    expect(carriedBy(other)).toBeUndefined();
});

const packed = (text: string | Buffer): string => deflateRawSync(text).toString('base64url');

it.each([
  ['a bomb', packed(Buffer.alloc(10_000_000)), /larger than a mask/],
  ['a long one', 'a'.repeat(30_000), /longer than a mask/],
  ['letters that are none', 'a+b', /damaged/],
  ['one that is cut off', packed(JSON.stringify(BUILT_IN_MASKS[0])).slice(0, 60), /damaged/],
  ['bytes that are no text', packed(Buffer.from([0xff, 0xfe, 0xc0])), /damaged/],
])('says of %s what is wrong', async (_what, carried, says) => {
  await expect(maskFileOf(carried)).rejects.toThrow(says);
});

it('never fails but with words for the page, whatever is in a link', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.oneof(
        fc.string(),
        fc.uint8Array({ maxLength: 200 }).map((bytes) => Buffer.from(bytes).toString('base64url')),
      ),
      async (carried) => {
        const said = await maskFileOf(carried).then(
          () => 'read',
          (error: unknown) => (error as Error).message,
        );
        expect(said).toMatch(/^read$|^That link is /);
      },
    ),
    { numRuns: 300 },
  );
});
