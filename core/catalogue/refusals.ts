/**
 * Plans that are refused because they would hurt somebody, each with a staging that shows it. docs/safety.md is made
 * of it.
 */
export interface Refusal {
  demonstration: string
  /** what is refused, in words */ when: string
  /** the input that the refusal names */ input: string
  /** SI numbers and choices of a staging that is refused for it */ example: {
    numbers?: Readonly<Record<string, number>>
    choices?: Readonly<Record<string, string>>
  }
  source: string
}

const PRACTICE = 'common practice'
const jar = (demonstration: string): Refusal[] => [
  {
    demonstration,
    when: 'a scratched or chipped jar',
    input: 'jarKind',
    example: { choices: { jarKind: 'scratched' } },
    source: PRACTICE,
  },
  {
    demonstration,
    when: 'a household, thin or flat-sided jar',
    input: 'jarKind',
    example: { choices: { jarKind: 'household' } },
    source: PRACTICE,
  },
]

/** A vessel that is closed may be cooled and never warmed. */
const warmed = (demonstration: string, numbers: Readonly<Record<string, number>>): Refusal => ({
  demonstration,
  when: 'water warmer than the closed vessel',
  input: 'bathTemperature',
  example: { numbers },
  source: PRACTICE,
})

/** Glass that the plan itself boils dry. */
const boilsDry = (demonstration: string, input: string, example: Refusal['example']): Refusal => ({
  demonstration,
  when: 'glass that boils dry on the heat',
  input,
  example,
  source: PRACTICE,
})

export const REFUSALS: readonly Refusal[] = [
  boilsDry('bottle-fill', 'purgeTime', { numbers: { purgeTime: 1200 } }),
  boilsDry('bottle-fill', 'ovenTime', { numbers: { ovenTime: 1200 }, choices: { fillMethod: 'microwave' } }),
  boilsDry('flask-fountain', 'purgeTime', { numbers: { purgeTime: 1200 } }),
  boilsDry('balloon-into-flask', 'purgeTime', { numbers: { purgeTime: 1200 } }),
  warmed('hot-water-bottle', { bathTemperature: 358 }),
  warmed('warmed-bottle', { bathTemperature: 343 }),
  {
    demonstration: 'drum-reinflate',
    when: 'sealed heating: no way out for the steam',
    input: 'reliefPath',
    example: { choices: { reliefPath: 'none' } },
    source: PRACTICE,
  },
  {
    demonstration: 'drum-reinflate',
    when: 'a relief too small for its burner',
    input: 'reliefOpening',
    example: { numbers: { reliefOpening: 8e-6 } },
    source: 'steam made against what passes, with a quarter over the setting (common practice)',
  },
  {
    demonstration: 'bottle-fill',
    when: 'a chill at which more than 2 of 100 glasses crack',
    input: 'bathTemperature',
    example: { numbers: { bathTemperature: 278.15 } },
    source: 'our own rule on the spread of what glass bears',
  },
  {
    demonstration: 'bottle-fill',
    when: 'scratched, chipped or old glass',
    input: 'glassState',
    example: { choices: { glassState: 'scratched' } },
    source: PRACTICE,
  },
  {
    demonstration: 'bottle-fill',
    when: 'a torch on glass',
    input: 'fillMethod',
    example: { choices: { fillMethod: 'torch' } },
    source: PRACTICE,
  },
  {
    demonstration: 'flask-fountain',
    when: 'a chill at which more than 2 of 100 glasses crack',
    input: 'bathTemperature',
    example: { numbers: { bathTemperature: 275.15 }, choices: { glassKind: 'soda-lime' } },
    source: 'our own rule on the spread of what glass bears',
  },
  {
    demonstration: 'flask-fountain',
    when: 'a flat bottom under vacuum',
    input: 'flaskBottom',
    example: { choices: { flaskBottom: 'flat' } },
    source: PRACTICE,
  },
  {
    demonstration: 'flask-fountain',
    when: 'scratched, chipped or old glass',
    input: 'glassState',
    example: { choices: { glassState: 'scratched' } },
    source: PRACTICE,
  },
  {
    demonstration: 'flask-fountain',
    when: 'a thin wall under vacuum',
    input: 'wallThickness',
    example: { numbers: { wallThickness: 0.6e-3 } },
    source: PRACTICE,
  },
  {
    demonstration: 'balloon-into-flask',
    when: 'poured water so cold that more than 2 of 100 glasses crack',
    input: 'bathTemperature',
    example: { numbers: { bathTemperature: 283 }, choices: { coolingMethod: 'pour', glassKind: 'soda-lime' } },
    source: 'our own rule on the spread of what glass bears',
  },
  {
    demonstration: 'balloon-into-flask',
    when: 'scratched, chipped or old glass',
    input: 'glassState',
    example: { choices: { glassState: 'scratched' } },
    source: PRACTICE,
  },
  {
    demonstration: 'balloon-into-flask',
    when: 'a thin wall under vacuum',
    input: 'wallThickness',
    example: { numbers: { wallThickness: 0.55e-3 } },
    source: PRACTICE,
  },
  {
    demonstration: 'balloon-into-flask',
    when: 'a flat bottom, which a balloon that sticks would leave under vacuum',
    input: 'flaskBottom',
    example: { choices: { flaskBottom: 'flat' } },
    source: PRACTICE,
  },
  {
    demonstration: 'balloon-into-flask',
    when: 'a neck in which the balloon may stick, which leaves the flask under vacuum',
    input: 'mouthDiameter',
    example: { numbers: { mouthDiameter: 0.01 } },
    source: 'our own rule',
  },
  {
    demonstration: 'egg-in-bottle',
    when: 'a rinsed bottle in water so cold that more than 2 of 100 crack',
    input: 'coolingTemperature',
    example: { numbers: { rinseTemperature: 366, coolingTemperature: 274.15 }, choices: { heating: 'hot-water' } },
    source: 'our own rule on the spread of what glass bears',
  },
  {
    demonstration: 'egg-out',
    when: 'a cold bottle in water so hot that more than 2 of 100 crack',
    input: 'warmTemperature',
    example: { numbers: { warmTemperature: 368, airTemperature: 285 }, choices: { method: 'warming' } },
    source: 'our own rule on the spread of what glass bears',
  },
  ...['bell-jar-balloon', 'soft-pack', 'jar-barometer', 'low-pressure-boil', 'bell-in-vacuum'].flatMap(jar),
  {
    demonstration: 'cloud-bottle',
    when: 'smoke or a match with spirits',
    input: 'nuclei',
    example: { choices: { liquid: 'ethanol', nuclei: 'smoke' } },
    source: PRACTICE,
  },
  {
    demonstration: 'cloud-bottle',
    when: 'more than 5 mL of spirits',
    input: 'spirits',
    example: { numbers: { spirits: 20e-6 }, choices: { liquid: 'ethanol', nuclei: 'room' } },
    source: PRACTICE,
  },
  {
    demonstration: 'cloud-bottle',
    when: 'over 300 kPa in any bottle',
    input: 'gaugePressure',
    example: { numbers: { gaugePressure: 600e3, pressureRating: 1e6 } },
    source: PRACTICE,
  },
  {
    demonstration: 'cloud-bottle',
    when: 'over the stated limit, pumped',
    input: 'gaugePressure',
    example: { numbers: { gaugePressure: 250e3, pressureRating: 150e3 } },
    source: PRACTICE,
  },
  {
    demonstration: 'cloud-bottle',
    when: 'over the stated limit, squeezed',
    input: 'squeezePressure',
    example: { numbers: { squeezePressure: 80e3, pressureRating: 40e3 }, choices: { way: 'squeeze' } },
    source: PRACTICE,
  },
  {
    demonstration: 'canister-pop',
    when: 'oxygen',
    input: 'burnsIn',
    example: { choices: { burnsIn: 'oxygen' } },
    source: PRACTICE,
  },
  {
    demonstration: 'canister-pop',
    when: 'a lid that may hold',
    input: 'releaseGauge',
    example: { numbers: { releaseGauge: 300e3 } },
    source: 'our own rule on what a poor mixture still makes',
  },
  {
    demonstration: 'bottle-line',
    when: 'oxygen',
    input: 'burnsIn',
    example: { choices: { burnsIn: 'oxygen' } },
    source: PRACTICE,
  },
  {
    demonstration: 'bottle-line',
    when: 'free flight of a burning bottle',
    input: 'guide',
    example: { choices: { guide: 'free' } },
    source: PRACTICE,
  },
  {
    demonstration: 'bottle-line',
    when: 'a glass bottle or one for still drinks',
    input: 'bottleKind',
    example: { choices: { bottleKind: 'glass' } },
    source: PRACTICE,
  },
  {
    demonstration: 'bottle-line',
    when: 'a hole with which one mixture in a hundred goes over the bottle’s limit',
    input: 'ventDiameter',
    example: { numbers: { ventDiameter: 0.002 } },
    source: 'our own rule on the spread of mixtures; NFPA 68 for the worst',
  },
  {
    demonstration: 'card-and-glass',
    when: 'more than 5 kg of water over somebody',
    input: 'glassHeight',
    example: { numbers: { glassDiameter: 0.3, glassHeight: 1.5 } },
    source: 'our own rule',
  },
  ...['syringe-boil', 'syringe-marshmallow'].map((demonstration): Refusal => ({
    demonstration,
    when: 'a bore so wide that the hand could not hold the plunger',
    input: 'bore',
    example: {
      numbers: {
        bore: 0.049,
        ...(demonstration === 'syringe-marshmallow' && { foamVolume: 3e-6, shutAt: 8e-6, moveTo: 60e-6 }),
      },
    },
    source: 'our own rule: 150 N, of what a hand holds (assumption)',
  })),
  {
    demonstration: 'syringe-marshmallow',
    when: 'a press of more than a room’s pressure: the cap may fly off',
    input: 'moveTo',
    example: { numbers: { moveTo: 12e-6, bore: 0.02 }, choices: { way: 'in' } },
    source: 'our own rule',
  },
]
