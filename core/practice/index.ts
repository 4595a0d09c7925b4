export { actsOf, type BenchAct } from './acts'
export {
  amountsDone,
  clockOf,
  drawOf,
  endedAt,
  faultsOfAmounts,
  openActs,
  phaseOf,
  refusalOf,
  sealingOf,
  settingOf,
  timeOf,
  troubleAt,
  truthOf,
  type PracticeAct,
  type Setting,
} from './attempt'
export { logbookSays } from './causes'
export { dangersOf } from './dangers'
export { debriefOf, oddsAgain, stoppedBy, type Debrief, type Deviation } from './debrief'
export { courseOf, hasExercise, type Exercise } from './exercises'
export { answersOf, hurtBy, isAnswered, questionAfter, questionInTrouble, type WhatNow } from './question'
export { visibleScene } from './scene'
