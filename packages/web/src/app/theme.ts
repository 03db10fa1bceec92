import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';

/** The two lights: linen by day, evening in the bathroom. One file sets colour, shape and density for all components. */
const linen = {
  dark: false,
  colors: {
    background: '#FAF5EA',
    surface: '#FFFDF7',
    'surface-variant': '#F1E8D6',
    'on-surface-variant': '#4A3D31',
    primary: '#925408',
    'on-primary': '#FFFDF7',
    secondary: '#2F6B4F',
    'on-secondary': '#FFFDF7',
    error: '#A23A2C',
    'on-error': '#FFFDF7',
    'on-background': '#2B211A',
    'on-surface': '#2B211A',
  },
  variables: {
    'border-color': '#2B211A',
    'border-opacity': 0.16,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.85,
  },
};

const evening = {
  dark: true,
  colors: {
    background: '#1C1613',
    surface: '#272019',
    'surface-variant': '#352B22',
    'on-surface-variant': '#E6D9C6',
    primary: '#F0B45A',
    'on-primary': '#1C1613',
    secondary: '#8CC7A1',
    'on-secondary': '#1C1613',
    error: '#F08A78',
    'on-error': '#1C1613',
    'on-background': '#F4EBDD',
    'on-surface': '#F4EBDD',
  },
  variables: {
    'border-color': '#F4EBDD',
    'border-opacity': 0.2,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 0.85,
  },
};

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;

/** Sheets and menus are there at once where motion is not wanted; the pages' own motion is stilled by the style sheet. */
const still = matchMedia('(prefers-reduced-motion: reduce)').matches ? { transition: false as const } : {};

export const vuetify = createVuetify({
  theme: {
    defaultTheme: 'linen',
    themes: { linen, evening },
    ...(nonce ? { cspNonce: nonce } : {}),
  },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VBtn: { rounded: 'pill', variant: 'flat', minHeight: 44 },
    VTextField: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VAutocomplete: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VDialog: still,
    VMenu: still,
    VSnackbar: still,
    VSwitch: { color: 'primary', hideDetails: true, inset: true },
    VCheckbox: { color: 'primary', hideDetails: true },
  },
});
