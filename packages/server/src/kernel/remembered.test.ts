import { expect, it, vi } from 'vitest';
import { Events } from './events';
import type { Household } from './household';
import { remembered } from './remembered';

const aHousehold = () => ({ events: new Events() }) as Household;

it('works out once for all who ask, until what it depends on changes', async () => {
  const home = aHousehold();
  let count = 0;
  const read = remembered(['bowls', 'settings'], () => Promise.resolve(++count));
  expect(await Promise.all([read(home), read(home), read(home)])).toEqual([1, 1, 1]);
  home.events.tell('climate');
  expect(await read(home)).toBe(1);
  home.events.tell('settings');
  expect(await read(home)).toBe(2);
  expect(await read(aHousehold())).toBe(3);
});

it('does not remember what failed, nor hand out what is older than a change', async () => {
  const home = aHousehold();
  const work = vi.fn().mockRejectedValueOnce(new Error('the disk')).mockResolvedValue('fine');
  const read = remembered(['bowls'], work);
  await expect(read(home)).rejects.toThrow('the disk');
  expect(await read(home)).toBe('fine');

  let isOld = true;
  let finish: (value: string) => void = () => undefined;
  const slow = remembered(['bowls'], () =>
    isOld ? new Promise<string>((done) => (finish = done)) : Promise.resolve('new'),
  );
  const before = slow(home);
  isOld = false;
  home.events.tell('bowls');
  expect(await slow(home)).toBe('new');
  finish('old');
  expect(await before).toBe('old');
  expect(await slow(home)).toBe('new');
});
