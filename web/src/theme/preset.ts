import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

/**
 * Loose Knit's own look for the components: bottle green for action, cool paper, hairlines instead of boxes, nearly square
 * corners, no shadows.
 */
const paper = {
  0: '#ffffff',
  50: '#f4f6f1',
  100: '#e9ede6',
  200: '#dae0d8',
  300: '#cbd4cc',
  400: '#a3b0a7',
  500: '#7a887f',
  600: '#55645b',
  700: '#3c4a42',
  800: '#26322c',
  900: '#17211d',
  950: '#0e1613',
}

const bottle = {
  50: '#e8f2ee',
  100: '#cbe2d9',
  200: '#9dc9ba',
  300: '#6bac97',
  400: '#3b8a73',
  500: '#0f5c4a',
  600: '#0d5242',
  700: '#0a4336',
  800: '#08342a',
  900: '#05251e',
  950: '#031712',
}

const flat = { none: '0', xs: '2px', sm: '2px', md: '2px', lg: '2px', xl: '2px' }

export const looseKnit = definePreset(Aura, {
  primitive: { borderRadius: flat },
  semantic: {
    primary: bottle,
    transitionDuration: '0.12s',
    focusRing: { width: '2px', style: 'solid', color: '{primary.color}', offset: '2px', shadow: 'none' },
    formField: {
      paddingX: '0.5rem',
      paddingY: '0.3rem',
      borderRadius: '2px',
      focusRing: { width: '2px', style: 'solid', color: '{primary.color}', offset: '0', shadow: 'none' },
      shadow: 'none',
    },
    list: { padding: '2px', option: { padding: '0.35rem 0.6rem', borderRadius: '0' } },
    overlay: {
      select: { borderRadius: '2px', shadow: 'none' },
      popover: { borderRadius: '2px', padding: '14px', shadow: 'none' },
      modal: { borderRadius: '2px', padding: '20px', shadow: 'none' },
    },
    colorScheme: {
      light: {
        surface: paper,
        primary: {
          color: '{primary.500}',
          contrastColor: '#ffffff',
          hoverColor: '{primary.600}',
          activeColor: '{primary.700}',
        },
        highlight: {
          background: '#dcebe4',
          focusBackground: '#cbe2d9',
          color: '#17211d',
          focusColor: '#17211d',
        },
        text: { color: '#17211d', hoverColor: '#0e1613', mutedColor: '#55645b', hoverMutedColor: '#3c4a42' },
        formField: {
          background: '#fbfcfa',
          filledBackground: '#e9ede6',
          borderColor: '#7a887f',
          hoverBorderColor: '#3c4a42',
          focusBorderColor: '{primary.color}',
          invalidBorderColor: '#a63d2f',
          color: '#17211d',
          placeholderColor: '#55645b',
        },
        overlay: {
          select: { background: '#fbfcfa', borderColor: '#7a887f', color: '#17211d' },
          popover: { background: '#fbfcfa', borderColor: '#17211d', color: '#17211d' },
          modal: { background: '#fbfcfa', borderColor: '#17211d', color: '#17211d' },
        },
      },
      dark: {
        surface: paper,
        primary: {
          color: '#6fc3ac',
          contrastColor: '#0e1613',
          hoverColor: '#8fd3c0',
          activeColor: '#a9dfd0',
        },
        highlight: {
          background: '#24473c',
          focusBackground: '#2d584a',
          color: '#eef3ee',
          focusColor: '#ffffff',
        },
        text: { color: '#e6ece6', hoverColor: '#ffffff', mutedColor: '#a8b6ad', hoverMutedColor: '#c7d2ca' },
        formField: {
          background: '#1b2521',
          filledBackground: '#26322c',
          borderColor: '#7a887f',
          hoverBorderColor: '#a3b0a7',
          focusBorderColor: '{primary.color}',
          invalidBorderColor: '#f0958a',
          color: '#e6ece6',
          placeholderColor: '#a8b6ad',
        },
        overlay: {
          select: { background: '#1b2521', borderColor: '#7a887f', color: '#e6ece6' },
          popover: { background: '#1b2521', borderColor: '#a3b0a7', color: '#e6ece6' },
          modal: { background: '#1b2521', borderColor: '#a3b0a7', color: '#e6ece6' },
        },
      },
    },
  },
  components: {
    button: {
      root: { paddingX: '14px', paddingY: '8px', label: { fontWeight: '600' }, borderRadius: '2px' },
    },
    togglebutton: {
      colorScheme: {
        light: {
          root: {
            background: '#e7ede6',
            checkedBackground: '#e7ede6',
            hoverBackground: '#dae0d8',
            borderColor: '#e7ede6',
            checkedBorderColor: '#e7ede6',
            color: '#3c4a42',
            hoverColor: '#17211d',
            checkedColor: '#17211d',
          },
          content: { checkedBackground: '#fbfcfa', checkedShadow: 'none' },
        },
        dark: {
          root: {
            background: '#24302a',
            checkedBackground: '#24302a',
            hoverBackground: '#2c3a33',
            borderColor: '#24302a',
            checkedBorderColor: '#24302a',
            color: '#c7d2ca',
            hoverColor: '#ffffff',
            checkedColor: '#ffffff',
          },
          content: { checkedBackground: '#3c4a42', checkedShadow: 'none' },
        },
      },
    },
    toast: { root: { borderRadius: '2px', width: '24rem' } },
    tooltip: { root: { borderRadius: '2px', padding: '4px 8px', shadow: 'none' } },
  },
})
