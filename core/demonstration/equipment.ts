/** Things that a school has or has not, as one looks for them in the cupboard; what is always there is left out. */
export const EQUIPMENT = {
  'heater': 'hot plate or burner',
  'hot-water': 'kettle or hot tap',
  'flame': 'matches or a lighter',
  'can': 'drinks cans',
  'tin': 'tin with a screw cap',
  'drum': 'steel drum of known history',
  'plastic-bottle': 'plastic bottles with caps',
  'glass-bottle': 'sound glass bottle',
  'flask': 'heat-proof flask',
  'stopper-tube': 'stopper with a glass tube',
  'jar': 'glass jar and a dish',
  'candle': 'candles',
  'balloons': 'balloons',
  'eggs': 'eggs, boiled and shelled',
  'tumbler': 'drinking glass and smooth card',
  'plunger': 'plunger or rubber sheet',
  'plates': 'plates or half-spheres with a valve',
  'pump': 'vacuum pump with its hose',
  'bell-jar': 'bell jar made for vacuum',
  'syringe': 'syringe with a cap, no needle',
  'marshmallows': 'marshmallows',
  'bell': 'battery bell',
  'bottle-pump': 'stopper and pump for a bottle',
  'dropper': 'glass dropper and modelling clay',
  'line': 'fishing line and straws',
  'tube': 'pressure pipe, foil and light balls',
  'fuel': 'staff trained and permitted to burn fuel vapour',
} as const

export type Equipment = keyof typeof EQUIPMENT
export const EQUIPMENT_IDS = Object.keys(EQUIPMENT) as Equipment[]
