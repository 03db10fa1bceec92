export { default as HeadDrawing } from './HeadDrawing.vue';
export { default as HeadPicture } from './HeadPicture.vue';
export { default as NameHead } from './NameHead.vue';
export { default as ProfileFields } from './ProfileFields.vue';
export { GUEST, isGuest } from './newHead';
