// What any screen may open: fetched together, once a screen stands.
export { default as KeysDialog } from './KeysDialog.vue';
export { default as NoteDialog } from './NoteDialog.vue';
export { default as PasswordAgain } from './PasswordAgain.vue';
export { default as UndoQuestion } from './UndoQuestion.vue';
