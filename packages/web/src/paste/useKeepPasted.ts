import { api, type MaskInput } from '@amber-ladle/contract';
import type { ToldOutcome } from '@amber-ladle/core/learn';
import { pasteText } from '@amber-ladle/words';
import { ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useHandOver } from '../mask';
import type { PastedMask } from './usePastedMask';

/**
 * What becomes of a mask that was pasted: it goes into the book, with how it was for whom, or into the editor.
 * @param whole a mask that came whole, which is kept as it is
 */
export function useKeepPasted(pasted: PastedMask, whole: Ref<MaskInput | undefined>) {
  const household = useHousehold();
  const notice = useNotice();
  const router = useRouter();
  const handOver = useHandOver();
  /** Who makes it so, and how it came out for her. */
  const headId = ref<string>();
  const outcome = ref<ToldOutcome>();
  const isKeeping = ref(false);

  async function keep(): Promise<void> {
    isKeeping.value = true;
    try {
      const kept = await household.saveMask(whole.value ?? pasted.input());
      const who = headId.value ?? household.heads[0]?.id;
      if (outcome.value && who && !whole.value)
        await call(api.masks.tell, { params: { id: kept.id, headId: who }, body: { outcome: outcome.value } });
      pasted.clear();
      notice.show(pasteText.isInTheBook(kept.name), async () => {
        await household.removeMask(kept.id);
        await router.push({ name: 'masks' });
      });
      await router.push({ name: 'bowl', query: { mask: kept.id, ...(who ? { head: who } : {}) } });
    } catch (error) {
      notice.fail(error);
    } finally {
      isKeeping.value = false;
    }
  }

  /** Into the editor, where everything can be changed by hand: instead of what is being written there, or put to it. */
  function byHand(isInstead: boolean): void {
    const mask = pasted.mask.value;
    const draft = pasted.draft.value;
    if (!mask || !draft) return;
    const { id: _id, version: _version, parts, ...fields } = mask;
    const open = pasted.open.value.map(({ line }) => line.text);
    handOver.give({ fields, parts, read: draft.use.readings, open }, isInstead);
    pasted.clear();
    void router.push({ name: 'mask-new' });
  }

  function throwAway(): void {
    whole.value = undefined;
    pasted.clear();
  }

  return { headId, outcome, isKeeping, hasDraft: handOver.hasDraft, keep, byHand, throwAway };
}
