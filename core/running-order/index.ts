export { actOf, type Act } from './act'
export { breaks, planShow, programme, type Plan, type PlannedAct, type SolveProgramme, type Stagecraft } from './plan'
export { clashes, fitsShow, mends, type Mend } from './mends'
