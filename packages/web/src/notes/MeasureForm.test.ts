// @vitest-environment happy-dom
import type { HeadMeasure } from '@amber-ladle/contract';
import { aProfile } from '@amber-ladle/core/testing';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import MeasureForm from './MeasureForm.vue';

/** Eight in the evening of the fourteenth where she lives; in Greenwich it is the fifteenth already. */
const NOW = '2026-03-15T03:00:00.000Z';
vi.mock('../data/household', () => ({
  useHousehold: () => ({
    now: () => new Date(NOW),
    where: { timeZone: 'America/Los_Angeles', lengthIn: 'cm', locale: 'en-US' },
  }),
}));

const form = () =>
  mount(MeasureForm, {
    props: { head: { id: 'wren', profile: { ...aProfile(), stretchedLengthCentimetres: 62 } } as never },
    global: { plugins: [createVuetify()] },
    attachTo: document.body,
  });
/** Sends it for the nth time, and waits for what comes of it. */
async function send(one: ReturnType<typeof form>, nth = 1): Promise<HeadMeasure> {
  await one.get('form').trigger('submit');
  const sent = () => one.emitted<[HeadMeasure]>('measured') ?? [];
  await vi.waitFor(() => {
    expect(sent()).toHaveLength(nth);
  });
  return (sent().at(-1) as [HeadMeasure])[0];
}

it('measures on the day of the house, now, and where the hair reaches', async () => {
  const one = form();
  expect(one.get<HTMLInputElement>('input[type="date"]').element.value).toBe('2026-03-14');
  const { where, ...said } = await send(one);
  expect(said).toMatchObject({ kind: 'length', centimetres: 62, at: NOW });
  expect(where).toMatch(/\w/);
  one.unmount();
});

it('puts a day before at its noon there, and each press down as one of its own', async () => {
  const one = form();
  await one.get('input[type="date"]').setValue('2026-03-10');
  const first = await send(one);
  // Clocks went forward on the eighth: seven hours behind.
  expect(first).toMatchObject({ at: '2026-03-10T19:00:00.000Z' });
  expect((await send(one, 2)).id).not.toBe(first.id);
  one.unmount();
});

it('writes nothing down of a length that cannot be', async () => {
  const one = form();
  const [length] = one.findAll('input[inputmode="decimal"]');
  await length?.trigger('focus');
  await length?.setValue('620');
  await one.get('form').trigger('submit');
  await flushPromises();
  expect(one.text()).toContain('At most 200 cm');
  expect(one.emitted('measured')).toBeUndefined();
  one.unmount();
});
