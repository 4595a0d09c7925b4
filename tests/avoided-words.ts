/** Words that no text has: not what a native teacher says, or not right: what is said instead. */
export const AVOIDED: readonly (readonly [RegExp, instead: string])[] = [
  [/\breckon/i, 'expect'],
  [/\bteach(es)? nothing\b/i, 'is not used for forecasts'],
  [/\bone (hears|sees|looks|could)\b/i, 'you hear, you see'],
  [/\bmend\b/i, 'fix, put right'],
  [/all sides added up/i, 'on each patch'],
  [/removes particles|particles are removed/i, 'particles join the liquid'],
  [/cold(er)? air (holds|can(not)? (keep|hold))/i, 'at a lower temperature less vapour stays a gas'],
  [/\bas leave it was\b|\bleave as it was\b/i, 'cancel'],
  [/\bpacket of crisps\b|\bbag of crisps\b/i, 'snack packet'],
  [/\baircraft\b/i, 'plane'],
  [/\bsuck(s|ed|ing)?\b/i, 'push'],
]
