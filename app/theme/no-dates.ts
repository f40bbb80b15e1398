/** Stands in for Vuetify's dates: no part of it that shows any is used, and they weigh 5 kB at the first view. */
export class VuetifyDateAdapter {}
