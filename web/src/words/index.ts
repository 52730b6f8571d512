import { createI18n } from 'vue-i18n'
import en from './en.json'

/**
 * All words of the interface, in message files: one for each language, `en.json` to begin with. Another language is another file of
 * the same shape, named here.
 */
export const words = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en } })

/** A message by its name, for code outside of templates; templates have `$t`. */
export const t = words.global.t

/** The language that is shown, for numbers and dates. */
export const language = (): string => words.global.locale.value
