/** What every view is drawn with and nobody here wrote: read in a task of its own. */
export { createApp } from 'vue';
export { createRouter } from 'vue-router';
export { createPinia } from 'pinia';
