import { headInputSchema, USUAL_LOOK, type Head, type HeadInput, type HeadLook } from '@amber-ladle/contract';
import { scalpAreaAtAge, type HairProfile } from '@amber-ladle/core/hair';
import { NO_STORY, type HeadStory } from '@amber-ladle/core/judge';
import { headText } from '@amber-ladle/words';
import { computed, ref, watch, type Ref } from 'vue';
import { ApiError } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { showFault } from '../kit/showFault';
import { useSchemaForm } from '../kit/useSchemaForm';
import { newHead } from './newHead';

/**
 * A head as it is written down: a new one, or one that is changed.
 * @param id of the head that is shown; one that nobody has is a new one
 * @param onSaved what follows on saving, told the head and whether it is new
 */
export function useHeadForm(id: Ref<string>, onSaved: (head: Head, isNew: boolean) => unknown) {
  const household = useHousehold();
  const notice = useNotice();
  const saved = computed(() => household.headById(id.value));

  const inputOf = (): HeadInput => {
    if (!saved.value) return newHead();
    const { name, note, ageYears, sensitiveSkin, profile, story, look } = saved.value;
    return { name, note, ageYears, sensitiveSkin, profile, story, look };
  };
  const { defineField, errors, handleSubmit, resetForm, setErrors, values, setFieldValue, meta } =
    useSchemaForm<HeadInput>(headInputSchema, inputOf());
  const [name] = defineField('name');
  const [note] = defineField('note');
  const [ageYears] = defineField('ageYears');
  const [sensitiveSkin] = defineField('sensitiveSkin');
  const profile = computed<HairProfile>({
    get: () => values.profile,
    set: (value) => {
      setFieldValue('profile', value);
    },
  });
  const story = computed<HeadStory>({
    get: () => values.story ?? NO_STORY,
    set: (value) => {
      setFieldValue('story', value);
    },
  });
  const look = computed<HeadLook>({
    get: () => values.look ?? USUAL_LOOK,
    set: (value) => {
      setFieldValue('look', value);
    },
  });

  /** The row that is being typed over: it stays when another device changes it meanwhile, so that the server can tell. */
  const typedOver = ref(saved.value);
  watch([id, () => saved.value?.version], ([now], [before]) => {
    if (meta.value.dirty && now === before) return;
    typedOver.value = saved.value;
    resetForm({ values: inputOf() });
  });
  /** A child's scalp is smaller; follows the age until somebody sets it. */
  watch(ageYears, (age, before) => {
    const area = values.profile.scalpAreaSquareCentimetres;
    if (typeof age === 'number' && typeof before === 'number' && Math.abs(area - scalpAreaAtAge(before)) < 1)
      profile.value = { ...values.profile, scalpAreaSquareCentimetres: Math.round(scalpAreaAtAge(age)) };
  });

  /** Said at the foot too: the field may lie two screens up. */
  function inVain({ errors: found }: { errors: Partial<Record<string, string>> }): void {
    notice.fail(new Error(Object.values(found)[0] ?? headText.somethingNeedsAnotherLook));
    void showFault();
  }
  const isSaving = ref(false);
  const save = handleSubmit(async (input) => {
    isSaving.value = true;
    try {
      const isNew = !typedOver.value;
      const head = await household.saveHead(input, typedOver.value);
      typedOver.value = head;
      resetForm({ values: input });
      notice.show(headText.isSaved(head.name));
      await onSaved(head, isNew);
    } catch (error) {
      notice.fail(error);
      if (error instanceof ApiError && error.problem.fields) {
        setErrors(error.problem.fields);
        await showFault();
      }
    } finally {
      isSaving.value = false;
    }
  }, inVain);

  return { saved, name, note, ageYears, sensitiveSkin, profile, story, look, errors, isSaving, save };
}
