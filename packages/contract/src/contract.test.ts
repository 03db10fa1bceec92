import { INGREDIENTS } from '@amber-ladle/core/ingredient';
import { message, type Message } from '@amber-ladle/core/message';
import { aProfile } from '@amber-ladle/core/testing';
import { describe, expect, it } from 'vitest';
import { ValidationError } from 'yup';
import {
  DEFAULT_SETTINGS,
  faultsOf,
  headInputSchema,
  ingredientSchema,
  keepBowlSchema,
  checked,
  settingsSchema,
  spoonsOf,
} from '.';

const profile = aProfile();
const head = { name: 'Wren', note: '', ageYears: 30, sensitiveSkin: false, profile };

function messages(schema: Parameters<typeof checked>[0], value: unknown): Record<string, Message> {
  try {
    checked(schema, value);
  } catch (error) {
    if (error instanceof ValidationError) return faultsOf(error);
    throw error;
  }
  return {};
}

it.each(INGREDIENTS.map((row) => [row.id, row] as const))('the catalogue row %s keeps to the schema', (_, row) => {
  expect(messages(ingredientSchema, row)).toEqual({});
});

it('refuses an ingredient without density, source or sense', () => {
  const [row] = INGREDIENTS;
  const { density: _density, composition: _composition, ...bare } = row!;
  expect(Object.values(messages(ingredientSchema, bare))).toContainEqual(message('fault.density-or-composition'));
  expect(messages(ingredientSchema, { ...row, family: 'gravel' })).toHaveProperty('family');
  expect(messages(ingredientSchema, { ...row, flowSource: 'hearsay' })).toHaveProperty('flowSource');
});

describe('a head', () => {
  it('passes as it should be', () => {
    expect(messages(headInputSchema, head)).toEqual({});
  });

  it.each([
    ['length 0', { ...profile, stretchedLengthCentimetres: 0 }, 'profile.stretchedLengthCentimetres'],
    ['length 900', { ...profile, stretchedLengthCentimetres: 900 }, 'profile.stretchedLengthCentimetres'],
    ['length as text', { ...profile, stretchedLengthCentimetres: '40' }, 'profile.stretchedLengthCentimetres'],
    ['no amount', { ...profile, amount: undefined }, 'profile.amount'],
    ['an unknown way of counting', { ...profile, amount: { kind: 'guess' } }, 'profile.amount'],
    [
      'a ponytail of 5 m',
      { ...profile, amount: { kind: 'ponytail', circumferenceMillimetres: 5000 } },
      'profile.amount',
    ],
    ['an unknown style', { ...profile, style: 'mohawk' }, 'profile.style'],
  ])('is told about %s', (_, bad, path) => {
    expect(Object.keys(messages(headInputSchema, { ...head, profile: bad }))).toContain(path);
  });

  it('refuses fields it does not know and a nameless head', () => {
    expect(messages(headInputSchema, { ...head, admin: true })).not.toEqual({});
    expect(messages(headInputSchema, { ...head, name: '' })).toHaveProperty('name');
  });
});

describe('a bowl to keep', () => {
  const bowl = {
    id: '8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a11',
    headId: 'h',
    maskId: 'rice-silk',
    profile,
    choices: {
      enoughChance: 0.85,
      pieceSizes: { avocado: 'small' },
      pieceGrams: { banana: 96 },
      lockedGrams: { honey: 21 },
      swaps: { milk: 'oat-milk' },
      makings: { 'rice-cream': { soaked: true, volumes: 3.75 } },
    },
    otherHeadIds: ['i'],
  };
  it('passes as it should be', () => {
    expect(messages(keepBowlSchema, bowl)).toEqual({});
  });
  it.each([
    [{ ...bowl, id: 'one' }, 'id'],
    [{ ...bowl, choices: { ...bowl.choices, enoughChance: 2 } }, 'choices.enoughChance'],
    [{ ...bowl, choices: { ...bowl.choices, pieceGrams: { banana: -3 } } }, 'choices.pieceGrams.banana'],
    [{ ...bowl, choices: { ...bowl.choices, pieceGrams: { banana: 'big' } } }, 'choices.pieceGrams.banana'],
    [{ ...bowl, choices: { ...bowl.choices, lockedGrams: { honey: 0 } } }, 'choices.lockedGrams.honey'],
  ])('is told what is wrong', (bad, path) => {
    expect(Object.keys(messages(keepBowlSchema, bad))).toContain(path);
  });
});

describe('settings', () => {
  it('ship sound, and always leave a spoon', () => {
    expect(messages(settingsSchema, DEFAULT_SETTINGS)).toEqual({});
    expect(messages(settingsSchema, { ...DEFAULT_SETTINGS, spoonIds: [] })).toHaveProperty('spoonIds');
    expect(messages(settingsSchema, { ...DEFAULT_SETTINGS, measureSystem: 'metric' })).toHaveProperty('spoonIds');
    expect(messages(settingsSchema, { ...DEFAULT_SETTINGS, timeZone: 'Moon/Base' })).toHaveProperty('timeZone');
    expect(spoonsOf({ ...DEFAULT_SETTINGS, spoonIds: [] }).length).toBeGreaterThan(0);
  });
});
