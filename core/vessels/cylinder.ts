/** A plain cylinder with flat ends, by outside measures. */

export interface Cylinder {
  /** m */ diameter: number
  /** m */ height: number
  /** m */ wallThickness: number
}

const PI = Math.PI

/** Whole outer surface, both ends included, m2. */
export const outerSurface = ({ diameter, height }: Cylinder): number =>
  PI * diameter * height + (PI * diameter * diameter) / 2

/** Area of one end, or of the water surface inside, m2. */
export const crossSection = (diameter: number): number => (PI * diameter * diameter) / 4

/** Volume within the outer surface, m3; a thin-walled vessel's capacity can't exceed it. */
export const enclosedVolume = ({ diameter, height }: Pick<Cylinder, 'diameter' | 'height'>): number =>
  crossSection(diameter) * height
