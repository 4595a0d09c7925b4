import { createI18n } from 'petite-vue-i18n'
import { loadWords, type Language } from '~/locales'
import { message } from '~/locales/message'
import { nextTurn } from '~/waking/next-turn'

/** The interface's words: English is the key, so that a text without a translation stands in English. */
export default defineNuxtPlugin(async ({ vueApp }) => {
  const i18n = createI18n({
    legacy: false,
    locale: 'en',
    fallbackLocale: 'en',
    fallbackFormat: true,
    missingWarn: false,
    fallbackWarn: false,
    messages: { en: {} },
    messageCompiler: message,
    // Texts are keys: a full stop in one is no path.
    messageResolver: (words, key) => (words as Record<string, string>)[key] ?? null,
  })
  vueApp.use(i18n)
  // What is known of whoever reads comes in a task of its own: a click is heard between.
  if (import.meta.client) await nextTurn()
  const units = useUnitsStore()
  async function speak(language: Language) {
    if (language !== 'en') i18n.global.setLocaleMessage(language, await loadWords(language))
    // Changed back while its words were on their way, it stays as it was chosen last.
    if (language === units.language) i18n.global.locale.value = language as 'en'
  }
  // Before anything is drawn.
  await speak(units.language)
  watch(() => units.language, speak)
})
