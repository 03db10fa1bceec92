export { default as AmountPicture } from './AmountPicture.vue';
export { default as IngredientPicture } from './IngredientPicture.vue';
export { default as InkPicture } from './InkPicture.vue';
export { default as ScenePicture } from './ScenePicture.vue';
export { default as SpoonPicture } from './SpoonPicture.vue';
export { default as MaskPicture } from './MaskPicture.vue';
export { paintInBowl, surfaceOf, type Surface } from './texture';
export { useBook } from './useBook';
export type { Look, Mark } from './types';
