import type { MarkKind } from '~~/core'

/** One key is one mark. */
export const MARK_KEYS: Readonly<Record<string, MarkKind>> = {
  h: 'heat-on',
  p: 'plume',
  l: 'lifted',
  s: 'sealed',
  g: 'gone',
  n: 'nothing',
}

/** What the marks are called. @param sealed what sealing is called: a jar is not sealed, it goes */
export const markNames = (sealed: string): Readonly<Record<MarkKind, string>> => ({
  'heat-on': 'Heat on',
  'plume': 'Plume',
  'lifted': 'Off the heat',
  'sealed': sealed,
  'gone': 'Gone',
  'nothing': 'Nothing',
})
