import type { OutlineShape } from '../../../demonstration'

/** How a steam vessel looks; lengths in m. */
export interface Look {
  shape: Exclude<OutlineShape, 'bell-jar'>
  /** what closes it, or dips into the water */ closure:
    | 'bung'
    | 'cap'
    | 'vent'
    | 'mouth'
    | 'stem'
    | 'relief'
    | 'balloon'
  /** one of the ways of cooling, `bath` for what is turned over into one, nothing for what is heated again */
  cooling: 'bath' | 'ice-pool' | 'spray' | 'pour' | 'sprinkle' | 'still-air' | 'inside' | ''
  /** what heats it, or nothing */ heat: 'flame' | 'microwave' | ''
  diameter: number
  height: number
  mouth: number
  neckLength?: number
  stemLength?: number
  /** how deep the mouth goes into the bath */ mouthDepth?: number
  /** m³ of water in the bath */ bathVolume?: number
  /** depth of the tub that it is put into */ poolDepth?: number
  hoopSpacing?: number
  /** K, of what cools it, where the wall itself loses heat to something else */ coolant?: number
  /** a balloon that is drawn in: its volume just round, not stretched, m³ */ slackBalloon?: number
  /** m³, where a closure needs it */ capacity?: number
  /** the vent is open, if there is one: its area, m² */ vent?: number
}
