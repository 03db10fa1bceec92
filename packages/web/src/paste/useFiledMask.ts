import { reasonOf } from '../data/reason';
import type { MaskInput } from '@amber-ladle/contract';
import { MOST_PASTED, readMaskFile } from '@amber-ladle/core/exchange';
import { maskText, pasteText, writeNumber } from '@amber-ladle/words';
import { ref, watch, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { carriedBy, layText, maskFileOf } from '../mask';
import { checkedMask, isFiled } from './filedMask';

/**
 * A mask that comes whole: as a file, as a link, or as a file that was pasted for a text. Nothing in it is guessed.
 * @param text what was pasted; a file or a link is taken out of it
 */
export function useFiledMask(text: Ref<string>) {
  const household = useHousehold();
  const notice = useNotice();
  const route = useRoute();
  const router = useRouter();
  const whole = ref<MaskInput>();
  const refused = ref('');

  /** Does it, or says why not. */
  async function taking(work: () => unknown): Promise<void> {
    refused.value = '';
    try {
      await work();
    } catch (error) {
      refused.value = reasonOf(error);
    }
  }
  /** A file, or JSON or a page that was pasted, in the words that are in it. */
  function takeFile(content: string): void {
    const read = readMaskFile(content);
    whole.value = read.kind === 'whole' ? checkedMask(read.mask, household.catalogue) : undefined;
    text.value = read.kind === 'words' ? read.text : '';
  }
  const takeLink = (carried: string): Promise<void> =>
    taking(async () => {
      takeFile(await maskFileOf(carried));
    });
  const onFile = (file: File): Promise<void> =>
    taking(async () => {
      if (file.size > MOST_PASTED.file) throw new Error(maskText.fileTooLarge);
      takeFile(await file.text());
    });
  const tooLong = (characters: number): void => {
    refused.value = pasteText.thatIsCharactersPaste(writeNumber(Math.round(characters / 1000) * 1000, household.where));
  };

  watch(
    () => route.hash,
    (hash) => {
      const carried = carriedBy(hash);
      if (carried === undefined) return;
      const back = layText('');
      // At once here too: elsewhere in this browser it is heard of a moment later.
      text.value = '';
      if (back) notice.show(pasteText.theTextThatWas, back);
      void takeLink(carried);
      // Looked at once; a reload begins with an empty page.
      void router.replace({ ...route, hash: '' });
    },
    { immediate: true },
  );
  watch(
    text,
    (now) => {
      refused.value = '';
      if (now.trim() !== '') whole.value = undefined;
      const carried = carriedBy(now);
      if (carried !== undefined) {
        text.value = '';
        void takeLink(carried);
      } else if (isFiled(now))
        void taking(() => {
          takeFile(now);
        });
    },
    { immediate: true },
  );
  return { whole, refused, onFile, tooLong };
}
