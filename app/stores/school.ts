import { defineStore } from 'pinia'
import { NO_SCHOOL, cautionsOfSchool, type ShownSchool, type TypicalThing } from '~~/core'

/** What the school adds to sheets, cautions and ready-made things; a page without it says less, and works. */
export const useSchoolStore = defineStore('school', () => {
  const document = ref<ShownSchool['document']>(NO_SCHOOL)
  const logo = ref<string>()
  const failed = ref(false)
  const typical = computed(() =>
    document.value.typical.map((thing, i): TypicalThing => ({ id: `school-${i}`, document: thing })),
  )
  const cautionsFor = (demonstration: string) => cautionsOfSchool(document.value, demonstration)

  const ask = useFromServer()
  async function load() {
    try {
      const found = await ask<ShownSchool>('/api/school')
      document.value = found.document
      logo.value = found.hasLogo ? `/api/school/logo?v=${found.version}` : undefined
      failed.value = false
    } catch {
      failed.value = true
    }
  }
  return { document, logo, failed, typical, cautionsFor, load }
})
