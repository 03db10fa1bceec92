// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { defineComponent, ref } from 'vue';
import { createVuetify } from 'vuetify';
import NumberField from './NumberField.vue';
import { whenInForce } from './whenInForce';

/** A form with a length in it, which is sent by its button. */
function aForm() {
  const save = vi.fn();
  const Page = defineComponent({
    components: { NumberField },
    setup: () => ({ length: ref(40), save, whenInForce }),
    template: `<form @submit.prevent="whenInForce($event, () => save(length))">
      <NumberField v-model="length" label="Length" unit="cm" :min="2" :max="200" />
    </form>`,
  });
  const page = mount(Page, { global: { plugins: [createVuetify()] }, attachTo: document.body });
  const write = async (text: string): Promise<void> => {
    await page.get('input').trigger('focus');
    await page.get('input').setValue(text);
    await page.get('form').trigger('submit');
  };
  return { page, save, write };
}

it('sends what is in force, and never the number from before a slip', async () => {
  const { page, save, write } = aForm();
  await write('999');
  expect(save).not.toHaveBeenCalled();
  expect(page.text()).toContain('At most 200 cm');
  // What was written is still there to be mended.
  expect(page.get('input').element.value).toBe('999');
  await write('99');
  expect(save.mock.calls).toEqual([[99]]);
  page.unmount();
});
