// What the screens of a visit may open: fetched together, once a screen stands.
export { default as FindingDialog } from './FindingDialog.vue';
export { default as PhotoDialog } from './PhotoDialog.vue';
export { default as PhotoViewer } from './PhotoViewer.vue';
export { default as StopDialog } from './StopDialog.vue';
export { default as TwoAnswers } from './TwoAnswers.vue';
