/** Libraries every view is drawn with, evaluated in a task of their own. */
export { createApp } from 'vue';
export { createRouter } from 'vue-router';
export { createPinia } from 'pinia';
