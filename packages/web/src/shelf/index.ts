export { default as BuyPanel } from './BuyPanel.vue';
export { useScale } from './useScale';
