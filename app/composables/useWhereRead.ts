import { whenAwake } from '~/waking/turns'

/**
 * Languages and time zone of whoever reads: the server is told the languages by the browser and the zone by a cookie,
 * so that what it draws is what the browser would; what differs is put right once the page is there.
 */
const ZONE_COOKIE = { maxAge: 400 * 86400, sameSite: 'lax' } as const

/** "de-CH,de;q=0.9" as a browser lists it, best first; what is no language is passed over. */
function languagesOf(header: string | undefined): string[] {
  const listed = (header ?? '').split(',').map(part => {
    const [tag = '', ...rest] = part.trim().split(';')
    return { tag, weight: Number(rest.find(r => r.trim().startsWith('q='))?.split('=')[1] ?? 1) }
  })
  return listed
    .filter(({ tag }) => isLanguage(tag))
    .sort((a, b) => b.weight - a.weight)
    .map(({ tag }) => tag)
}
function isLanguage(tag: string): boolean {
  try {
    return Intl.getCanonicalLocales(tag).length === 1
  } catch {
    return false
  }
}
function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}

export function useWhereRead() {
  const header = import.meta.server ? useRequestHeader('accept-language') : undefined
  const languages = useState<string[]>('languages', () =>
    import.meta.server ? languagesOf(header) : [...navigator.languages],
  )
  const kept = useCookie<string | undefined>('hush-zone', ZONE_COOKIE)
  /** empty until it is known: asking for it takes a browser a tenth of the time in which a page is to be there */
  const zone = useState('zone', () => (kept.value !== undefined && isZone(kept.value) ? kept.value : ''))
  whenAwake(() => {
    if (navigator.languages.join() !== languages.value.join()) languages.value = [...navigator.languages]
    zone.value = kept.value = Intl.DateTimeFormat().resolvedOptions().timeZone
  })
  return { languages, zone }
}
