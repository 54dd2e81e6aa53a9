import { defineVuetifyConfiguration } from 'vuetify-nuxt-module/custom-configuration'

/** The look, in one place: warm paper, ink, one hot and one cool hue. Contrast of text on each ground is 4.5 or more. */
export default defineVuetifyConfiguration({
  icons: { defaultSet: 'mdi-svg' },
  theme: {
    defaultTheme: 'paper',
    themes: {
      paper: {
        dark: false,
        colors: {
          background: '#f2ede2',
          surface: '#fdfbf5',
          primary: '#1d2a2e',
          secondary: '#2a6179',
          error: '#a33a12',
          warning: '#7a5200',
          success: '#2a6179',
          'on-background': '#1d2a2e',
          'on-surface': '#1d2a2e',
          'on-primary': '#fdfbf5',
        },
      },
      lamp: {
        dark: true,
        colors: {
          background: '#12191c',
          surface: '#1b2529',
          primary: '#efe8d8',
          secondary: '#8fc4d9',
          error: '#f0916b',
          warning: '#e9c36b',
          success: '#8fc4d9',
          'on-background': '#efe8d8',
          'on-surface': '#efe8d8',
          'on-primary': '#12191c',
        },
      },
    },
  },
  defaults: {
    global: { ripple: false },
    VBtn: { rounded: 'sm', variant: 'outlined', height: 52, class: 'tg-button' },
    VCard: { rounded: 'sm', flat: true, border: true },
    VTextField: {
      variant: 'outlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'secondary',
    },
    VTextarea: {
      variant: 'outlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'secondary',
    },
    VAutocomplete: {
      variant: 'outlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'secondary',
    },
    VFileInput: {
      variant: 'outlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'secondary',
    },
    VSelect: {
      variant: 'outlined',
      density: 'comfortable',
      hideDetails: 'auto',
      color: 'secondary',
    },
    VDialog: { maxWidth: 560, scrim: true },
  },
})
