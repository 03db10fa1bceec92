// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { createVuetify } from 'vuetify';
import { useNotice } from '../data/notice';
import AmountStepper from './AmountStepper.vue';
import ChoicePills from './ChoicePills.vue';
import ChoiceRow from './ChoiceRow.vue';
import HintLine from './HintLine.vue';
import MinutesInput from './MinutesInput.vue';
import NumberField from './NumberField.vue';
import TogglePill from './TogglePill.vue';

beforeEach(() => {
  setActivePinia(createPinia());
});

describe('choices', () => {
  it('are pressed where they are chosen, and tell which was pressed, the pressed one too', async () => {
    const pills = mount(ChoicePills<number>, {
      props: { of: [1, 2, 3], says: (n: number) => `${n} rings`, isChosen: (n: number) => n === 2 },
    });
    const buttons = pills.findAll('button');
    expect(buttons.map((one) => [one.text(), one.attributes('aria-pressed'), one.attributes('type')])).toEqual([
      ['1 rings', 'false', 'button'],
      ['2 rings', 'true', 'button'],
      ['3 rings', 'false', 'button'],
    ]);
    await buttons[2]?.trigger('click');
    await buttons[1]?.trigger('click');
    expect(pills.emitted('choose')).toEqual([[3], [2]]);
  });

  it('say the thing itself, what is given for it, or what stands in their slot', () => {
    const plain = mount(ChoicePills<string>, { props: { of: ['runny'], isChosen: () => false, look: 'big' } });
    expect([plain.text(), plain.get('button').classes()]).toEqual(['runny', ['pill', 'big']]);
    const slot = mount(ChoicePills<string>, {
      props: { of: ['runny'], isChosen: () => false, titleOf: () => 'drips' },
      slots: { default: '<b>{{ params.one }}</b>' },
    });
    expect(slot.get('button').attributes('title')).toBe('drips');
  });

  it('stand beside their question, which names the group', async () => {
    const options = [
      { value: 'a', title: 'one bowl' },
      { value: 'b', title: 'a bowl each' },
    ];
    const row = mount(ChoiceRow<string>, { props: { label: 'For both', options, modelValue: 'a' } });
    expect(row.get('[role=group]').attributes('aria-labelledby')).toBe(row.get('span').attributes('id'));
    await row.findAll('button')[1]?.trigger('click');
    expect(row.emitted('update:modelValue')).toEqual([['b']]);
  });

  it('is one thing that is so or not', async () => {
    const pill = mount(TogglePill, { props: { isOn: true }, slots: { default: 'by hand' } });
    expect([pill.text(), pill.attributes('aria-pressed')]).toEqual(['by hand', 'true']);
    await pill.trigger('click');
    expect(pill.emitted('toggle')).toHaveLength(1);
  });
});

describe('a number field', () => {
  interface Asked {
    readonly modelValue: number | undefined;
    readonly unit: string;
    readonly min: number;
    readonly max: number;
    readonly shownIn?: string;
    readonly whenEmpty?: string;
  }
  const field = (props: Asked) =>
    mount(NumberField, { props: { label: 'Length', ...props }, global: { plugins: [createVuetify()] } });
  const length = { modelValue: 40, unit: 'cm', min: 2, max: 200 };

  it.each([
    ['46', 46],
    ['45,5', 45.5],
    ['45½', 45.5],
    ['18 in', 45.72],
    ['460 mm', 46],
  ])('takes “%s”', async (written, value) => {
    const one = field(length);
    await one.get('input').setValue(written);
    expect(one.emitted('update:modelValue')).toEqual([[value]]);
  });

  it.each([
    ['1,250', /A number in cm, or with mm, m, in/],
    ['18 oz', /A number in cm/],
    ['', /A number in cm/],
    ['1', /At least 2 cm/],
    ['900', /At most 200 cm; check the unit/],
  ])('says what is wrong with “%s”, and keeps to what was', async (written, said) => {
    const one = field(length);
    const input = one.get('input');
    await input.trigger('focus');
    await input.setValue(written);
    expect(one.text()).toMatch(said);
    expect(one.emitted('update:modelValue')).toBeUndefined();
    expect(input.element.value).toBe(written);
  });

  it('may be left empty where that means something, and says what', async () => {
    const one = field({ modelValue: 14, unit: 'd', min: 1, max: 400, whenEmpty: 'as often as wished' });
    const input = one.get('input');
    expect(input.attributes('placeholder')).toBe('as often as wished');
    await input.trigger('focus');
    await input.setValue(' ');
    expect(one.emitted()).toMatchObject({ clear: [[]] });
    await one.setProps({ modelValue: undefined });
    expect([input.element.value, one.text()]).toEqual(['', expect.not.stringMatching(/A number/)]);
    // A slip brings back what was in force before.
    await input.setValue('often');
    expect(one.text()).toMatch(/A number, in d/);
    expect(one.emitted('update:modelValue')).toEqual([[14]]);
    await input.setValue('7');
    expect(one.emitted('update:modelValue')?.at(-1)).toEqual([7]);
  });

  it('shows what was written in inches in centimetres once it is left', async () => {
    const one = field(length);
    const input = one.get('input');
    await input.trigger('focus');
    await input.setValue('18 in');
    await one.setProps({ modelValue: 45.72 });
    expect(input.element.value).toBe('18 in');
    await input.trigger('blur');
    expect(input.element.value).toBe('45.72');
  });

  it('is written and shown in inches where the household measures in them, and told in centimetres', async () => {
    const one = field({ ...length, shownIn: 'in' });
    const input = one.get('input');
    expect(input.element.value).toBe('15.7');
    await input.trigger('focus');
    await input.setValue('13');
    expect(one.emitted('update:modelValue')).toEqual([[33.02]]);
    await input.setValue('50 cm');
    expect(one.emitted('update:modelValue')?.at(-1)).toEqual([50]);
    await input.trigger('change');
    expect(one.emitted('done')?.at(-1)).toEqual([50]);
    const done = one.emitted('done')?.length;
    await input.setValue('900');
    expect(one.text()).toMatch(/At most 78.7 in; check the unit/);
    await input.trigger('change');
    expect(one.emitted('done')).toHaveLength(done ?? 0);
    // Settled otherwise meanwhile.
    await one.setProps({ shownIn: 'cm' });
    expect(input.element.value).toBe('40');
  });

  it('follows its value where nothing was written', async () => {
    const one = field(length);
    await one.setProps({ modelValue: 55 });
    expect((one.get('input').element as HTMLInputElement).value).toBe('55');
  });
});

describe('minutes', () => {
  it('are told once they are written; what is none is said and put back', async () => {
    const minutes = mount(MinutesInput, { props: { modelValue: 10, label: 'Minutes' } });
    const input = minutes.get('input');
    await input.setValue('12');
    expect(minutes.emitted('update:modelValue')).toEqual([[12]]);
    for (const odd of ['a while', '1,5', '-3', '601']) {
      await input.setValue(odd);
      expect(useNotice().current?.text).toContain(`“${odd}” is no number of minutes`);
      expect(input.element.value).toBe('10');
    }
    expect(minutes.emitted('update:modelValue')).toHaveLength(1);
  });
});

it('steps an amount down and up, and locks it', async () => {
  const stepper = mount(AmountStepper, { props: { name: 'honey', isLocked: true, canLess: false } });
  const [less, more, lock] = stepper.findAll('button');
  expect(less?.attributes('disabled')).toBeDefined();
  expect(lock?.attributes('aria-pressed')).toBe('true');
  await more?.trigger('click');
  await lock?.trigger('click');
  expect([stepper.emitted('step'), stepper.emitted('lock')]).toEqual([[[1]], [[]]]);
});

it('says a hint until it is closed, and never again', async () => {
  localStorage.clear();
  const hint = (id: string) => mount(HintLine, { props: { id }, slots: { default: 'Pull the ring.' } });
  const [first, other] = [hint('length'), hint('mask')];
  expect(first.text()).toContain('Pull the ring.');
  await first.get('button').trigger('click');
  expect([first.text(), other.text()]).toEqual(['', 'Pull the ring.']);
  expect(hint('length').text()).toBe('');
});
