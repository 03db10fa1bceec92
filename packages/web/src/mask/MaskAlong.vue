<script setup lang="ts">
import { maskText } from '@amber-ladle/words';
import { maskToJson, maskToJsonLd, maskToText } from '@amber-ladle/core/exchange';
import type { Mask } from '@amber-ladle/core/mask';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { download } from '../kit/download';
import { share } from '../kit/share';
import { maskLink } from './maskLink';

/** Ways to take a mask along: to somebody, or in a file of its own. */
const { mask } = defineProps<{ mask: Mask }>();
const household = useHousehold();
const notice = useNotice();

const FILES = {
  json: { type: 'application/json', write: maskToJson },
  jsonld: { type: 'application/ld+json', write: maskToJsonLd },
  txt: { type: 'text/plain', write: maskToText },
} as const;
function save(kind: keyof typeof FILES): void {
  const { type, write } = FILES[kind];
  download(`${mask.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${kind}`, type, write(mask, household.catalogue));
}
/** To somebody else: in words for anybody, and in a link for another household. */
async function give(): Promise<void> {
  try {
    const text = maskToText(mask, household.catalogue);
    const how = await share({ title: mask.name, text, url: await maskLink(mask) });
    if (how === 'copied') notice.show(maskText.copiedWithALink);
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <p class="quiet">
    {{ maskText.takeItAlong }}
    <button type="button" class="tool" data-test="give" @click="give">{{ maskText.toSomebody }}</button> ·
    <button type="button" class="tool" @click="save('json')">{{ maskText.allOfIt }}</button> {{ maskText.json }}
    <button type="button" class="tool" @click="save('jsonld')">{{ maskText.forOtherPrograms }}</button>
    {{ maskText.schemaOrg }}
    <button type="button" class="tool" @click="save('txt')">{{ maskText.asPlainText }}</button>
  </p>
</template>
