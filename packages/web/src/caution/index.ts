export { default as CautionPanel } from './CautionPanel.vue';
