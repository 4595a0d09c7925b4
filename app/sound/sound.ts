/** A sound as it is looked at: mono, on its own clock. */
export interface Sound {
  /** −1 to 1 */ samples: Float32Array
  /** samples a second */ rate: number
  /** file's name, or which device */ from: string
  /** ms since 1970 of its first sample, where it is known */ startedAt?: number
}

export const secondsOf = ({ samples, rate }: Sound): number => samples.length / rate
