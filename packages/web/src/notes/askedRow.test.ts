// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import AskedRow from './AskedRow.vue';

it('is heard as it is read, unless more is said', () => {
  const short = mount(AskedRow, { props: { asks: 'Slip' }, slots: { default: '<button>glides</button>' } });
  expect(short.attributes()).toMatchObject({ role: 'group', 'aria-label': 'Slip', class: 'asked answers' });
  expect(short.text()).toBe('Slipglides');
  const long = mount(AskedRow, { props: { asks: 'It was', says: 'The texture as it was', hasMany: true } });
  expect(long.attributes()).toMatchObject({ 'aria-label': 'The texture as it was', class: 'asked some' });
  expect(long.get('.what').text()).toBe('It was');
});
