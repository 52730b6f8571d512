import { createI18n } from 'vue-i18n'
import en from './en.json'
import enInUsUnits from './en-us-units.json'

/**
 * All words of the interface, in message files: one for each language, `en.json` to begin with. Another language is another file of
 * the same shape, named here. Words that name units have another wording for US units; whatever is not in that file is said as usual.
 */
export const words = createI18n<[typeof en], 'en' | 'en-US', false>({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  missingWarn: false,
  fallbackWarn: false,
  messages: { en, 'en-US': enInUsUnits as unknown as typeof en },
})

/** Says the words of the units that are chosen. */
export const sayIn = (units: 'metric' | 'us') => {
  words.global.locale.value = units === 'us' ? 'en-US' : 'en'
}

/** A message by its name, for code outside of templates; templates have `$t`. */
export const t = words.global.t

/** The language that is shown, for numbers and dates. */
export const language = (): string => words.global.locale.value
