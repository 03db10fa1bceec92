// @vitest-environment happy-dom
import type { Head } from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { useHousehold } from '../data/household';
import { forget, know } from '../data/testing';
import { useCautions } from './useCautions';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));

const head = (name: string, ageYears: number, change: Partial<Head> = {}): Head =>
  ({
    id: name.toLowerCase(),
    name,
    ageYears,
    sensitiveSkin: false,
    profile: {},
    story: NO_STORY,
    ...change,
  }) as unknown as Head;
const mask = shallowRef<Mask>();
const heads = shallowRef<readonly Head[]>([]);
const maskOf = (id: string): Mask => BUILT_IN_MASKS.find((one) => one.id === id)!;

let cautions: ReturnType<typeof useCautions>;
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  know({ masks: BUILT_IN_MASKS });
  useHousehold().moment = Date.parse('2026-03-14T09:30:00Z');
  mask.value = maskOf('galley-egg');
  heads.value = [head('Ada', 30), head('Ike', 8)];
  cautions = useCautions(mask, heads, 'choosing');
});

it('are none without a mask, and none without a head', () => {
  mask.value = undefined;
  expect(cautions.value).toEqual([]);
  mask.value = maskOf('galley-egg');
  heads.value = [];
  expect(cautions.value).toEqual([]);
});

it('are each said once, with everybody it is about', () => {
  const egg = cautions.value.filter(({ names }) => names.length === 2);
  expect(egg.length).toBeGreaterThan(0);
  for (const { names } of egg) expect(names).toEqual(['Ada', 'Ike']);
  const keys = cautions.value.map(({ id, what }) => `${id} ${JSON.stringify(what)}`);
  expect(new Set(keys).size).toBe(keys.length);
});

it('stand with the gravest first: an allergy goes before a note', () => {
  heads.value = [head('Ada', 30), head('Bo', 30, { story: { ...NO_STORY, allergies: ['egg'] } })];
  const [first] = cautions.value;
  expect(first).toMatchObject({ severity: 'stop', names: ['Bo'] });
  const grave = cautions.value.map(({ severity }) => ['stop', 'caution', 'note'].indexOf(severity));
  expect(grave).toEqual([...grave].sort((a, b) => a - b));
});
