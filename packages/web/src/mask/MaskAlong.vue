<script setup lang="ts">
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
    if (how === 'copied') notice.show('Copied, with a link that opens it in another household’s Amber Ladle.');
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <p class="quiet">
    Take it along:
    <button type="button" class="tool" data-test="give" @click="give">to somebody</button> ·
    <button type="button" class="tool" @click="save('json')">all of it</button> (JSON) ·
    <button type="button" class="tool" @click="save('jsonld')">for other programs</button> (schema.org) ·
    <button type="button" class="tool" @click="save('txt')">as plain text</button>
  </p>
</template>
