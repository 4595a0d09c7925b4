/**
 * Every rule of caution: when it shows, when it is raised, where its limit comes from. docs/safety.md is made of it.
 */
export interface Rule {
  hazard: string
  raised: string
  source: string
}

const PRACTICE = 'common practice'
export const RULES: Readonly<Record<string, Rule>> = {
  'people': {
    hazard: 'who performs and who watches',
    raised: 'only adults perform it',
    source: `${PRACTICE}; the school’s own rules come first`,
  },
  'alive': {
    hazard: 'living things where air is taken away',
    raised: 'never: they are refused',
    source: 'animal welfare law of most countries',
  },
  'eat': { hazard: 'food after the show', raised: 'never', source: PRACTICE },
  'snap-back': {
    hazard: 'a plunger that flies back',
    raised: 'from 60 N of pull',
    source: `${PRACTICE}; the limit an assumption, what two fingers still hold with ease`,
  },
  'cap-off': {
    hazard: 'a cap that flies off a pressed syringe',
    raised: 'from 100 kPa over the room',
    source: `${PRACTICE}; the limit an assumption`,
  },
  'needle': { hazard: 'syringes as medicine knows them', raised: 'never', source: PRACTICE },
  'scald': { hazard: 'hot water and steam', raised: 'from 60 °C', source: 'Moritz & Henriques 1947 (from memory)' },
  'scald-kettle': {
    hazard: 'hot water poured from a kettle',
    raised: 'from 60 °C',
    source: 'Moritz & Henriques 1947 (from memory)',
  },
  'scald-bath': { hazard: 'a hot bath', raised: 'from 60 °C', source: 'Moritz & Henriques 1947 (from memory)' },
  'hot-surface': {
    hazard: 'hot heater, metal and glass',
    raised: 'never; nothing over 45 °C is touched',
    source: 'ISO 13732-1 (from memory)',
  },
  'gas': {
    hazard: 'gas burner, cylinder, hose, carbon monoxide',
    raised: 'for burners of several kilowatts',
    source: PRACTICE,
  },
  'dry': {
    hazard: 'boiling dry',
    raised: 'less than 30 s from the planned lift to dryness, or dry before it in 5 of 100 draws',
    source: PRACTICE,
  },
  'superheat': { hazard: 'superheated water from a microwave', raised: 'always', source: PRACTICE },
  'flame': { hazard: 'open flame', raised: 'several flames', source: PRACTICE },
  'oil-flame': { hazard: 'oil beside a flame', raised: 'always', source: PRACTICE },
  'flammable': { hazard: 'spirits', raised: 'always', source: PRACTICE },
  'fuel': { hazard: 'burning vapour', raised: 'always', source: PRACTICE },
  'sealed-heat': { hazard: 'a closed vessel on the heat', raised: 'always', source: PRACTICE },
  'goes': { hazard: 'a closed vessel gives way', raised: 'from 20 L', source: PRACTICE },
  'dented': { hazard: 'a vessel with a dent', raised: 'always', source: PRACTICE },
  'edges': { hazard: 'folded metal', raised: 'never', source: PRACTICE },
  'contents': { hazard: 'what a vessel has held', raised: 'always', source: PRACTICE },
  'heavy': {
    hazard: 'moving it',
    raised: 'from 25 kg',
    source: 'guideline figures for manual handling (HSE L23, from memory)',
  },
  'overpressure': { hazard: 'steam in a damaged vessel', raised: 'always', source: PRACTICE },
  'pressurised': {
    hazard: 'a bottle under pressure',
    raised: 'over 60 % of the stated limit in 1 of 100 draws',
    source: PRACTICE,
  },
  'wet': { hazard: 'water on the floor and by plugs', raised: 'from 5 L', source: PRACTICE },
  'chill': {
    hazard: 'hot glass in cold water',
    raised: 'over 60 % of the chill it bears, or 1 of 100 draws crack',
    source: 'EN ISO 7459: bottles are tested at 42 K (from memory); what usually holds, from memory',
  },
  'keep-dry': { hazard: 'hot glass that is splashed or set down cold', raised: 'never', source: 'common practice' },
  'slam': {
    hazard: 'water that stops short in glass',
    raised: 'over 2 MPa, or 1 of 100 draws break',
    source: 'Joukowsky; strength of scratched glass from memory',
  },
  'pull': {
    hazard: 'a bottle pulled out of the hand',
    raised: 'over half of what a hand holds, or 30 % of the blow it bears',
    source: 'assumption, on the page',
  },
  'implosion': { hazard: 'glass under vacuum', raised: 'from 300 J of work in store', source: PRACTICE },
  'stem': { hazard: 'glass tube in a stopper', raised: 'never', source: PRACTICE },
  'dropped': { hazard: 'glass that falls', raised: 'never', source: PRACTICE },
  'pump': { hazard: 'a driven pump', raised: 'never', source: PRACTICE },
  'burst': { hazard: 'a balloon or packet bursts', raised: 'in 1 of 100 draws', source: 'our own rule' },
  'balloon': {
    hazard: 'choking and latex',
    raised: 'shown to children under eight',
    source: 'EN 71-1 warning for latex balloons (from memory)',
  },
  'projectile': { hazard: 'something flies', raised: 'always', source: PRACTICE },
  'shatter': {
    hazard: 'a missile breaks up',
    raised: 'from 100 J',
    source: 'our own rule; some joules break skin and eyes (from memory)',
  },
  'lets-go': {
    hazard: 'a load lets go',
    raised: 'what may be a person, or a factor under 2 (4 for a person) in 1 of 100 draws',
    source: PRACTICE,
  },
  'lift': {
    hazard: 'lifting by hand',
    raised: 'from 25 kg for adults, 6 kg where children do it',
    source: 'guideline figures for manual handling (HSE L23, from memory)',
  },
  'bang': {
    hazard: 'noise',
    raised: 'over 110 dB at the first row in 1 of 100 draws',
    source: 'EU 2003/10/EC for work; well below it for a class',
  },
  'splash': { hazard: 'splash and bang', raised: 'it crushes in 1 of 100 draws', source: PRACTICE },
  'softens': {
    hazard: 'bottle plastic with hot water in it',
    raised: 'over 82 °C',
    source: 'glass transition of stretched PET (from memory)',
  },
  'swells': { hazard: 'a capped bottle with hot water', raised: 'from 60 °C', source: PRACTICE },
  'blocked': { hazard: 'a blocked stem', raised: 'never', source: PRACTICE },
  'not-a-design': { hazard: 'a classroom estimate taken for a design', raised: 'always', source: PRACTICE },
  'bumping': { hazard: 'boiling up all at once', raised: 'over half of the beaker', source: PRACTICE },
  'spill': { hazard: 'water into plate and pump', raised: 'it spills in 1 of 100 draws', source: 'our own rule' },
  'hose': { hazard: 'an open hose under vacuum', raised: 'never', source: PRACTICE },
  'fingers': { hazard: 'pinched skin', raised: 'never', source: PRACTICE },
  'stopper': {
    hazard: 'a stopper that flies',
    raised: 'pushed with more than 40 N in 1 of 100 draws',
    source: PRACTICE,
  },
  'match': { hazard: 'a match for the smoke', raised: 'never', source: PRACTICE },
  'out-at-once': { hazard: 'an egg that comes out at once', raised: 'never', source: PRACTICE },
  'ears': { hazard: 'blowing hard', raised: 'never', source: PRACTICE },
  'glass-heated': { hazard: 'glass heated at one spot', raised: 'several flames', source: PRACTICE },
  'line': { hazard: 'a tight line at neck height', raised: 'never', source: PRACTICE },
  'vessel-large': { hazard: 'a large can in tongs', raised: 'from 1 L', source: PRACTICE },
}
