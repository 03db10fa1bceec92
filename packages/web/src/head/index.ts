export { default as HeadDrawing } from './HeadDrawing.vue';
export { default as ProfileFields } from './ProfileFields.vue';
