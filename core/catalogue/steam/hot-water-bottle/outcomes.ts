/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'

export const logged: Demonstration['logged'] = { used: ['waterCharge', 'chargeTemperature', 'swirlTime', 'bathTemperature', 'poolDepth'], seen: ['hush', 'volumeLost'] }
