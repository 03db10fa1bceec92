/** Everything that draws, in one part of the app that is fetched when the first picture is asked for. */
export { drawingOf } from './drawn';
export { PEELED, peeledOf } from './drawn/peeled';
export { verdictOf } from './drawn/verdict';
export { SCENES, sceneOf } from './drawn/scene';
export { byHand } from './hand';
export { cutAt } from './share';
export { default as InkMarks } from './InkMarks.vue';
