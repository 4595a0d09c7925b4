import { createI18n } from 'vue-i18n'
import { loadWords } from '~/locales'

/** The interface's words: English is the key, so that a text without a translation stands in English. */
export default defineNuxtPlugin(({ vueApp }) => {
  const i18n = createI18n({
    legacy: false,
    locale: 'en',
    fallbackLocale: 'en',
    fallbackFormat: true,
    missingWarn: false,
    fallbackWarn: false,
    messages: { en: {} },
    // Texts are keys: a full stop in one is no path.
    messageResolver: (words, key) => (words as Record<string, string>)[key] ?? null,
  })
  vueApp.use(i18n)
  const units = useUnitsStore()
  watch(
    () => units.language,
    async language => {
      if (language !== 'en') {
        const words = await loadWords(language)
        i18n.global.setLocaleMessage(language, words)
        units.words = words
      } else units.words = {}
      i18n.global.locale.value = language as 'en'
    },
    { immediate: true },
  )
})
