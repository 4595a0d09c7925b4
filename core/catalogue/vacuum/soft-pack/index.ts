import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type SoftPackRun } from './simulate'
import { check, inputs, type SoftPackValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const softPack = defineDemonstration<SoftPackValues, SoftPackRun>({
  id: 'soft-pack',
  name: 'Swelling packets',
  summary:
    'Marshmallows, a snack packet, bubble wrap or a lidded pot as the air round them thins: in a jar, or on a flight.',
  noun: ['packet', 'packets'],
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'Marshmallows grow to several times their size, then end up smaller than they began.',
    topics: ['air pressure', 'gas laws', 'vacuum', 'weather and flight'],
    ages: [7, 16],
    needs: ['bell-jar', 'pump', 'marshmallows'],
  },
  hushWords: { inside: 'air left round the packet', strength: '' },
  subject: 'pack',
  wanted: 'swells',
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
  simulate,
  ledger,
  inputs,
  check,
  logged,
  results,
  outcomes,
  sizes,
  shelf,
  procedure,
  practice,
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
