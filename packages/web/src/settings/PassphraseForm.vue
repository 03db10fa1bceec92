<script setup lang="ts">
import { settingsText } from '@amber-ladle/words';
import { api, passphraseSchema, type DoorState, limitsOf } from '@amber-ladle/contract';
import { useSchemaForm } from '../kit/useSchemaForm';
import { call } from '../data/client';
import { useNotice } from '../data/notice';

/** Words to join by without the machine’s code: for whoever comes in while the laptop is shut away. */
const limits = limitsOf(passphraseSchema);
const { hasPassphrase } = defineProps<{ hasPassphrase: boolean }>();
const emit = defineEmits<{ changed: [DoorState] }>();
const notice = useNotice();
const { defineField, errors, handleSubmit, resetForm } = useSchemaForm(passphraseSchema, { passphrase: '' });
const [passphrase] = defineField('passphrase', { validateOnModelUpdate: false });

async function send(said: string | null): Promise<void> {
  try {
    emit('changed', await call(api.door.setPassphrase, { body: { passphrase: said } }));
    resetForm();
    notice.show(said === null ? settingsText.thePassphraseIsGone : settingsText.thePassphraseLets);
  } catch (error) {
    notice.fail(error);
  }
}
const save = handleSubmit(({ passphrase: said }) => send(said));
</script>

<template>
  <details>
    <summary>{{ settingsText.aPassphraseToCome }}</summary>
    <p class="quiet">
      {{ settingsText.whoeverKnows(hasPassphrase ? settingsText.thereIsOne : settingsText.thereIsNone) }}
    </p>
    <form class="line" @submit.prevent="save">
      <v-text-field
        v-model="passphrase"
        :label="settingsText.fourWordsOrMore"
        autocomplete="new-password"
        v-bind="limits.text('passphrase')"
        :error-messages="errors.passphrase ?? null"
      />
      <v-btn type="submit" variant="tonal" color="primary">{{ settingsText.set }}</v-btn>
      <button v-if="hasPassphrase" type="button" class="tool" @click="send(null)">{{ settingsText.takeItAway }}</button>
    </form>
  </details>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-start;
}
.line :first-child {
  flex: 1 1 14rem;
}
p {
  margin: 0 0 8px;
}
</style>
