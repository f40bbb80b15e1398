import 'vuetify/styles/layers';
import 'vuetify/styles/core';
import 'vuetify/styles/utilities';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { LIGHT, NIGHT } from './theme/theme';
import { vuetifyWords } from './locale/en/vuetify';

/** The whole look of Vuetify's parts, said once: ruled, square, without shadows. */
export const createLook = () =>
  createVuetify({
    icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
    theme: { defaultTheme: 'light', themes: { light: LIGHT, night: NIGHT } },
    locale: { locale: 'en', messages: { en: vuetifyWords } },
    display: { mobileBreakpoint: 'md' },
    defaults: {
      global: { ripple: false },
      VBtn: { variant: 'outlined', rounded: 0, elevation: 0 },
      VBtnToggle: { density: 'comfortable', rounded: 0 },
      VCard: { rounded: 0, elevation: 0, border: true },
      VDialog: { maxWidth: 640 },
      VSnackbar: { rounded: 0, location: 'bottom' },
      VTable: { density: 'compact' },
      VMenu: { rounded: 0 },
      VList: { density: 'compact', rounded: 0, elevation: 0 },
    },
  });
