import { useSessionStorage } from '@vueuse/core';

/** Text that one screen hands to the mask editor: measures that were poured, or a file that holds only words. */
const handed = (): { value: string } => useSessionStorage('amber-ladle-handed', '');

export function hand(text: string): void {
  handed().value = text;
}

/** What was handed over, once. */
export function takeHanded(): string {
  const text = handed().value;
  handed().value = '';
  return text;
}
