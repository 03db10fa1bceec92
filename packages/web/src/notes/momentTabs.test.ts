// @vitest-environment happy-dom
import { NO_LOG } from '@amber-ladle/contract';
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import MomentTabs from './MomentTabs.vue';

const said = { ...NO_LOG, said: { slip: 3, ease: 2 } } as const;
const shown = () =>
  mount(MomentTabs, {
    props: { modelValue: 'going-on', log: said, idOf: (moment: string) => `tab-${moment}` },
    attachTo: document.body,
  });

it('is walked by the arrow keys, round, and to either end', async () => {
  const tabs = shown();
  const told = (): unknown => tabs.emitted('update:modelValue')?.at(-1)?.[0];
  for (const [key, moment] of [
    ['ArrowRight', 'rinsing'],
    ['ArrowRight', 'next-day'],
    ['ArrowRight', 'going-on'],
    ['ArrowLeft', 'next-day'],
    ['Home', 'going-on'],
    ['End', 'next-day'],
  ] as const) {
    await tabs.find('[aria-selected="true"]').trigger('keydown', { key });
    expect(told()).toBe(moment);
    await tabs.setProps({ modelValue: moment });
    expect(document.activeElement?.id).toBe(`tab-${moment}`);
  }
  const before = tabs.emitted('update:modelValue')?.length;
  await tabs.find('[aria-selected="true"]').trigger('keydown', { key: 'a' });
  expect(tabs.emitted('update:modelValue')?.length).toBe(before);
  tabs.unmount();
});

it('says how much was said of each moment', () => {
  const tabs = shown();
  expect(tabs.findAll('[role="tab"]').map((tab) => tab.text())).toEqual([
    expect.stringMatching(/1 of \d/),
    expect.stringMatching(/1 of \d/),
    expect.stringMatching(/0 of \d/),
  ]);
  tabs.unmount();
});
