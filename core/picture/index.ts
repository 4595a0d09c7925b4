/** Scenes as pictures: what a screen, a page of the server and a printed sheet draw. */
export type { Drawn } from './drawn'
export { signOf, type Sign } from './signs'
export { pictureOf, type Picture } from './scene-picture'
export { escaped, markupOf, svgOf } from './written'
