export { default as AlarmBar } from './AlarmBar.vue';
export { default as AlarmCheck } from './AlarmCheck.vue';
