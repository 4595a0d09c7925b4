/** A picture as text, for pages that are written on the server. */
import type { Drawn } from './drawn'
import type { Picture } from './scene-picture'

/** Text as it stands between and within marks. */
export const escaped = (text: string): string => text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)

const written = ({ tag, attributes, inside, text }: Drawn): string => {
  const all = Object.entries(attributes).map(([name, value]) => ` ${name}="${escaped(short(value))}"`)
  return `<${tag}${all.join('')}>${escaped(text ?? '')}${(inside ?? []).map(written).join('')}</${tag}>`
}

/** A tenth of a unit is less than a dot on any screen. */
const short = (value: string | number): string =>
  typeof value === 'number' ? String(Math.round(value * 10) / 10) : value

/** What stands in a picture's frame; whatever words are in it are words. */
export const markupOf = ({ elements }: Pick<Picture, 'elements'>): string => elements.map(written).join('')

/** @param label what it is called, for those who do not see it */
export const svgOf = (picture: Picture, label: string): string =>
  `<svg viewBox="0 0 ${short(picture.width)} ${short(picture.height)}" role="img" aria-label="${escaped(label)}">` +
  `${markupOf(picture)}</svg>`
