// What the day may open: fetched together, once it stands.
export { default as AdviceDialog } from './AdviceDialog.vue';
export { default as OwnPasswordDialog } from './OwnPasswordDialog.vue';
export { default as WhoAndWhen } from './WhoAndWhen.vue';
