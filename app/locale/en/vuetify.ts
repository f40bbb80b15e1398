/** What Vuetify says by itself, where the app lets it: names of its buttons, for those who cannot see them. */
export const vuetifyWords = {
  close: 'Close',
  dismiss: 'Dismiss',
  open: 'Open',
  loading: 'Loading…',
  noDataText: 'Nothing to choose',
  input: {
    clear: 'Clear {0}',
    prependAction: '{0}: action before it',
    appendAction: '{0}: action after it',
    otp: 'Character {0}',
  },
  fileInput: { counter: '{0} files', counterSize: '{0} files, {1} in all' },
  fileUpload: { title: 'Drop files here', divider: 'or', browse: 'Choose files' },
};
