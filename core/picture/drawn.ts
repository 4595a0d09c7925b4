/** One element of a picture, with what is in it; its attributes are those of SVG. */
export interface Drawn {
  tag: 'path' | 'ellipse' | 'circle' | 'line' | 'text' | 'rect' | 'pattern' | 'marker' | 'defs' | 'g'
  attributes: Readonly<Record<string, string | number>>
  inside?: readonly Drawn[]
  text?: string
}

export const drawn = (tag: Drawn['tag'], attributes: Drawn['attributes'], inside?: readonly Drawn[]): Drawn => ({
  tag,
  attributes,
  ...(inside && { inside }),
})
