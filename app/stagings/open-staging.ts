import type { InjectionKey } from 'vue'
import type { useOpenStaging } from '~/composables/useOpenStaging'

/**
 * The staging that is open, for parts of the page that look it up themselves, so that none of them is drawn anew for
 * another's sake.
 */
export const OPEN_STAGING: InjectionKey<ReturnType<typeof useOpenStaging>> = Symbol('open staging')
