// What the inspection may open: fetched together, once it stands.
export { default as OwnGradeDialog } from './OwnGradeDialog.vue';
export { default as SectionHistory } from './SectionHistory.vue';
