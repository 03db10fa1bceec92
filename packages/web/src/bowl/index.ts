export { default as BowlList } from './BowlList.vue';
export { default as DrawDialog } from './DrawDialog.vue';
export { default as InHandPanel } from './InHandPanel.vue';
export { default as MeasuresCard } from './MeasuresCard.vue';
export { default as TextureScale } from './TextureScale.vue';
export { default as VesselDrawing } from './VesselDrawing.vue';
export { default as WhyDialog } from './WhyDialog.vue';
export { useDrawPlan } from './useDrawPlan';
