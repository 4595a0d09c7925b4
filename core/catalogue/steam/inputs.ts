/** The inputs that the steam demonstrations share; each takes those it needs and states its own defaults. */
import { type ChoiceInput, type QuantityInput, type Values, defineInputs } from '../../demonstration'
import { CHILL_SPREAD, USUAL_CHILL } from '../../cautions'
import { SOLID_NAMES } from '../../substances/solids'

const CELSIUS = 273.15
const ASSUMED = 'assumption, to be narrowed by past runs'

/**
 * Knock-down from a perfect cylinder's critical pressure: 0.75 after NASA SP-8007 (1968, rev. 2020) for external pressure;
 * a dent lowers it, by how much is an assumption.
 */
const knockDown = ({ choices }: Values): number => choices.vesselCondition === 'dented' ? 0.45 : 0.75

const QUANTITIES = defineInputs([
          {
            id: 'vesselVolume', name: 'capacity', kind: 'quantity', quantity: 'volume', units: ['mL', 'floz'], group: 'vessel',
            default: 330e-6, range: [50e-6, 6e-3], usual: [200e-6, 1e-3], spread: { shape: 'normal', relative: 0.01 },
          },
          {
            id: 'vesselDiameter', name: 'diameter', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.0575, range: [0.03, 0.25], usual: [0.045, 0.11], spread: { shape: 'normal', relative: 0.005 },
          },
          {
            id: 'vesselHeight', name: 'height', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.145, range: [0.04, 0.5], usual: [0.08, 0.2], spread: { shape: 'normal', relative: 0.005 },
          },
          {
            id: 'wallThickness', name: 'wall thickness', kind: 'quantity', quantity: 'length', units: ['mm', 'mil'], group: 'vessel',
            default: 0.1e-3, range: [0.05e-3, 1.5e-3], usual: [0.07e-3, 0.4e-3], spread: { shape: 'normal', relative: 0.06 },
          },
          {
            id: 'mouthDiameter', name: 'mouth', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.022, range: [0.003, 0.12], usual: [0.008, 0.05], spread: { shape: 'normal', relative: 0.04 },
          },
          {
            id: 'waterCharge', name: 'water inside', kind: 'quantity', quantity: 'volume', units: ['mL', 'floz'], group: 'water',
            default: 15e-6, range: [1e-6, 2e-3], usual: [3e-6, 60e-6], spread: { shape: 'normal', relative: 0.1 },
            lever: [-5e-6, 5e-6, 10e-6],
          },
          {
            id: 'chargeTemperature', name: 'its temperature', kind: 'quantity', quantity: 'temperature', units: ['degC', 'degF'],
            group: 'water', default: 20 + CELSIUS, range: [0.5 + CELSIUS, 98 + CELSIUS], usual: [5 + CELSIUS, 90 + CELSIUS],
            spread: { shape: 'normal', absolute: 2 },
          },
          {
            id: 'heaterPower', name: 'heater', kind: 'quantity', quantity: 'power', units: ['kW', 'BTU/h'], group: 'heat',
            default: 1200, range: [50, 20e3], usual: [300, 3000], spread: { shape: 'normal', relative: 0.05 },
          },
          {
            id: 'heatingEfficiency', name: 'share of the heat that gets in', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'heat', default: 0.2, range: [0.02, 0.95], usual: [0.05, 0.6], spread: { shape: 'lognormal', relative: 0.2 },
            source: 'common practice: a slim can covers about a seventh of a plate and takes a little more than that share',
          },
          {
            id: 'purgeTime', name: 'boiling on after the plume', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'heat',
            default: 30, range: [0, 1800], usual: [0, 120], spread: { shape: 'normal', absolute: 1 }, lever: [-10, 10, 30],
          },
          {
            id: 'transferTime', name: 'from the heat into the water', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'cooling',
            default: 1, range: [0.2, 60], usual: [0.5, 12], spread: { shape: 'lognormal', relative: 0.25 }, lever: [-1, -0.5, 1, 3],
          },
          {
            id: 'bathTemperature', name: 'bath', kind: 'quantity', quantity: 'temperature', units: ['degC', 'degF'], group: 'cooling',
            default: 4 + CELSIUS, range: [0.1 + CELSIUS, 99 + CELSIUS], usual: [0.5 + CELSIUS, 90 + CELSIUS],
            spread: { shape: 'normal', absolute: 1 }, lever: [-10, 10],
          },
          {
            id: 'bathVolume', name: 'water in the bath', kind: 'quantity', quantity: 'volume', units: ['L', 'qt'], group: 'cooling',
            default: 6e-3, range: [0.2e-3, 0.5], usual: [1e-3, 20e-3], spread: { shape: 'normal', relative: 0.1 },
          },
          {
            id: 'iceMass', name: 'ice in the bath', kind: 'quantity', quantity: 'mass', units: ['g', 'lb'], group: 'cooling',
            default: 0.8, range: [0, 50], usual: [0, 3], spread: { shape: 'normal', relative: 0.15 },
          },
          {
            id: 'mouthDepth', name: 'mouth under the surface', kind: 'quantity', quantity: 'length', units: ['cm', 'in'], group: 'cooling',
            default: 0.03, range: [0.002, 0.4], usual: [0.005, 0.1], spread: { shape: 'normal', relative: 0.2 }, lever: [-0.01, 0.02],
          },
          {
            id: 'purgeMixing', name: 'mixing of steam and air while purging', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 0.8, range: [0.05, 1], usual: [0.2, 1], spread: { shape: 'triangular', below: 0.3, above: 0.2 },
            source: '1: one stirred tank (cautious); towards 0: the steam pushes the air out in front of it (Levenspiel 1999, ch. 12)',
          },
          {
            id: 'plumeVapourFraction', name: 'steam in the gas that leaves when a plume first looks steady', kind: 'quantity',
            quantity: 'fraction', units: ['%', '%'], group: 'coefficient', default: 0.45, range: [0.05, 0.95], usual: [0.2, 0.8],
            spread: { shape: 'triangular', below: 0.2, above: 0.3 }, source: ASSUMED,
          },
          {
            id: 'heaterLimit', name: 'hottest the heater gets', kind: 'quantity', quantity: 'temperature', units: ['degC', 'degF'],
            group: 'coefficient', default: 520 + CELSIUS, range: [150 + CELSIUS, 1900 + CELSIUS], usual: [300 + CELSIUS, 700 + CELSIUS],
            spread: { shape: 'normal', absolute: 40 }, source: 'surface of a radiant or sealed plate at full power, from memory 450 to 600 °C',
          },
          {
            id: 'uprightShare', name: 'share of the carrying with the mouth still up', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 0.5, range: [0, 1], usual: [0.2, 0.8], spread: { shape: 'uniform', below: 0.2, above: 0.2 }, source: ASSUMED,
          },
          {
            id: 'poolRetained', name: 'share of the water left that stays inside when turned over', kind: 'quantity', quantity: 'fraction',
            units: ['%', '%'], group: 'coefficient', default: 0.25, range: [0, 1], usual: [0, 0.8],
            spread: { shape: 'uniform', below: 0.2, above: 0.25 }, source: ASSUMED,
          },
          {
            id: 'plungeSpeed', name: 'speed of the plunge', kind: 'quantity', quantity: 'speed', units: ['m/s', 'ft/s'], group: 'coefficient',
            default: 0.3, range: [0.02, 3], usual: [0.1, 1], spread: { shape: 'lognormal', relative: 0.3 }, source: 'an arm putting a can into a bowl; assumption',
          },
          {
            id: 'airLayerFactor', name: 'how freely steam passes the air left inside', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 1, range: [0.2, 5], usual: [0.4, 2.5], spread: { shape: 'lognormal', relative: 0.3 },
            source: '100 %: Uchida et al. 1964, measured in a large vessel; a plunge stirs more, a small can less',
          },
          {
            id: 'bathTransferFactor', name: 'how fast the bath cools the wall', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 1, range: [0.2, 5], usual: [0.5, 2], spread: { shape: 'lognormal', relative: 0.25 },
            source: '100 %: flat-plate and Churchill & Chu correlations, whose usual scatter is 20 to 25 % (Incropera & DeWitt, ch. 7)',
          },
          {
            id: 'jetStanton', name: 'Stanton number of the incoming jet', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 0.01, range: [0.001, 0.1], usual: [0.003, 0.03], spread: { shape: 'lognormal', relative: 0.4 },
            source: 'turbulent jets in steam, Kim & Mills 1989: order of 0.01',
          },
          {
            id: 'sprayContact', name: 'contact of a jet broken up inside', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 0.3, range: [0, 1], usual: [0.05, 0.9], spread: { shape: 'triangular', below: 0.2, above: 0.45 },
            source: 'share of its capacity for heat that spray uses in pure steam, 1 − exp(−6 t/s) for drops of a millimetre: a tenth to a half in the hundredths of a second across a hand’s breadth, finer drops more; assumption',
          },
          {
            id: 'splashWeber', name: 'how slowly a fountain that falls back breaks up', kind: 'quantity', quantity: 'count', units: ['1', '1'], group: 'coefficient',
            default: 2e5, range: [50, 1e7], usual: [1e3, 1e6], spread: { shape: 'lognormal', relative: 1.2 },
            source: 'Weber number at which half of it turns to drops; a stream through a thin edge stays whole for long; assumption',
          },
          {
            id: 'ovenTime', name: 'in the oven in all', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'heat',
            default: 180, range: [5, 1800], usual: [60, 300], spread: { shape: 'normal', absolute: 1 }, lever: [-30, 30, 60],
          },
          {
            id: 'surfaceConductance', name: 'steam to or from the water inside', kind: 'quantity', quantity: 'conductance',
            units: ['W/(m2 K)', 'W/(m2 K)'], group: 'coefficient', default: 3000, range: [100, 3e4], usual: [1000, 10000],
            spread: { shape: 'lognormal', relative: 0.4 }, source: 'stirred water surface with steam, order of magnitude; assumption',
          },
          {
            id: 'knockDown', name: 'strength against a perfect cylinder', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: knockDown, range: [0.1, 1], usual: [0.3, 1], spread: { shape: 'normal', relative: 0.12 },
            source: 'NASA SP-8007: 0.75 for external pressure; 0.45 for a dented can is an assumption',
          },
          {
            id: 'residualLoad', name: 'load a buckled wall still carries', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 0.35, range: [0.05, 0.95], usual: [0.1, 0.7], spread: { shape: 'uniform', below: 0.15, above: 0.15 }, source: ASSUMED,
          },
          {
            id: 'packingStiffness', name: 'stiffening of crumpled wall', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 1.5, range: [0.05, 20], usual: [0.3, 6], spread: { shape: 'lognormal', relative: 0.6 }, source: 'a can crushed by nearly a whole atmosphere keeps a quarter to a third of its volume; assumption, to be narrowed by past runs',
          },
          {
            id: 'entryLoss', name: 'entry loss of the mouth', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
            default: 0.5, range: [0.02, 2], usual: [0.1, 1], spread: { shape: 'normal', relative: 0.2 },
            source: 'sharp-edged entrance, K = 0.5: White, Fluid Mechanics, 4th ed., fig. 6.21',
          },
          {
            id: 'mouthPassage', name: 'length of the mouth', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'coefficient',
            default: 4e-3, range: [0.2e-3, 0.1], usual: [1e-3, 15e-3], spread: { shape: 'normal', relative: 0.25 }, source: 'rim and lid of a can; measure yours',
          },
          {
            id: 'restedCount', name: 'plunged in this bath before', kind: 'quantity', quantity: 'count', units: ['', ''], group: 'cooling',
            default: 0, range: [0, 60], usual: [0, 12], spread: { shape: 'exact' },
          },
          {
            id: 'vesselWidth', name: 'width', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.16, range: [0.03, 1], usual: [0.08, 0.3], spread: { shape: 'normal', relative: 0.005 },
          },
          {
            id: 'vesselDepth', name: 'depth', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.115, range: [0.03, 1], usual: [0.05, 0.3], spread: { shape: 'normal', relative: 0.005 },
          },
          {
            id: 'hoopSpacing', name: 'between hoops', kind: 'quantity', quantity: 'length', units: ['cm', 'in'], group: 'vessel',
            default: 0.18, range: [0.02, 2], usual: [0.08, 0.6], spread: { shape: 'normal', relative: 0.02 },
          },
          {
            id: 'neckDiameter', name: 'neck', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.02, range: [0.003, 0.12], usual: [0.01, 0.06], spread: { shape: 'normal', relative: 0.03 },
          },
          {
            id: 'neckLength', name: 'neck length', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.06, range: [0.002, 0.3], usual: [0.01, 0.12], spread: { shape: 'normal', relative: 0.05 },
          },
          {
            id: 'stemLength', name: 'stem', kind: 'quantity', quantity: 'length', units: ['cm', 'in'], group: 'vessel',
            default: 0.45, range: [0.05, 3], usual: [0.2, 1.2], spread: { shape: 'normal', relative: 0.005 },
          },
          {
            id: 'stemDiameter', name: 'bore of the stem', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'vessel',
            default: 0.007, range: [0.002, 0.03], usual: [0.004, 0.012], spread: { shape: 'normal', relative: 0.04 },
          },
          {
            id: 'sealDelay', name: 'heat off to sealed', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'cooling',
            default: 3, range: [0.5, 120], usual: [1, 20], spread: { shape: 'lognormal', relative: 0.3 }, lever: [-2, 5, 10],
          },
          {
            id: 'coolDelay', name: 'closed to cooled', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'cooling',
            default: 5, range: [0, 600], usual: [0, 60], spread: { shape: 'lognormal', relative: 0.3 },
          },
          {
            id: 'leakArea', name: 'leak of the closure', kind: 'quantity', quantity: 'area', units: ['mm2', 'mm2'], group: 'coefficient',
            default: 0.01e-6, range: [0, 400e-6], usual: [0, 1e-6], spread: { shape: 'lognormal', relative: 1 }, source: `a good cap or bung leaks next to nothing, a worn one a pinhole of 0.1 mm² and more; ${ASSUMED}`,
          },
          {
            id: 'coolantFlow', name: 'flow of the cooling water', kind: 'quantity', quantity: 'flow', units: ['L/min', 'gal/min'], group: 'cooling',
            default: ({ choices }: Values) => (choices.coolingMethod === 'spray' ? 8 : choices.coolingMethod === 'sprinkle' ? 3 : 12) * 1e-3 / 60, range: [0.05e-3 / 60, 200e-3 / 60], usual: [0.5e-3 / 60, 30e-3 / 60], spread: { shape: 'lognormal', relative: 0.25 },
            lever: [-3e-3 / 60, 6e-3 / 60],
          },
          {
            id: 'poolDepth', name: 'depth it stands in', kind: 'quantity', quantity: 'length', units: ['cm', 'in'], group: 'cooling',
            default: 0.08, range: [0.005, 1], usual: [0.02, 0.25], spread: { shape: 'normal', relative: 0.1 }, lever: [-0.04, 0.06],
          },
          {
            id: 'mouthClearance', name: 'mouth above the bottom', kind: 'quantity', quantity: 'length', units: ['mm', 'in'], group: 'cooling',
            default: 0.04, range: [0.0005, 1], usual: [0.002, 0.1], spread: { shape: 'normal', relative: 0.2 }, lever: [-0.03, 0.02],
          },
          {
            id: 'wettedFactor', name: 'how well the water spreads over it', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
            group: 'coefficient', default: 1, range: [0.1, 1.4], usual: [0.4, 1.3], spread: { shape: 'normal', relative: 0.2 },
            source: '100 %: spray reaches 70 %, poured water 50 %, sprinkled water 35 % of side and top; assumption',
          },
          {
            id: 'hoopHolding', name: 'how well the hoops hold', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
            default: 0.5, range: [0, 1], usual: [0, 1], spread: { shape: 'uniform', below: 0.5, above: 0.5 },
            source: '0: none, the whole length buckles; 100 %: each hoop stays round. Rolled hoops lie between (Windenburg & Trilling 1934 treat both ends); assumption',
          },
          {
            id: 'edgeHolding', name: 'how well the edges hold the panels', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
            default: 2, range: [1, 8], usual: [1, 5], spread: { shape: 'lognormal', relative: 0.3 },
            source: '100 %: edges free to pull in, the yield-line load; seams and corners make it a multiple (membrane action, Timoshenko & Woinowsky-Krieger, ch. 13); assumption',
          },
          {
            id: 'panelCrown', name: 'how far the panels stand out', kind: 'quantity', quantity: 'length', units: ['mm', 'mil'], group: 'coefficient',
            default: 0.6e-3, range: [0, 10e-3], usual: [0, 3e-3], spread: { shape: 'uniform', below: 0.0004, above: 0.0009 }, source: ASSUMED,
          },
          {
            id: 'stemFriction', name: 'friction factor of the stem', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
            default: 0.03, range: [0.01, 0.2], usual: [0.02, 0.06], spread: { shape: 'lognormal', relative: 0.2 },
            source: 'Darcy factor of a smooth tube at Re about 5000 to 20000: White, Fluid Mechanics, 4th ed., fig. 6.13 (Moody)',
          },
          {
            id: 'shockLimit', name: 'sudden chill the glass bears', kind: 'quantity', quantity: 'temperatureDifference', units: ['K', 'degF'], group: 'coefficient',
            default: ({ choices }: Values) => USUAL_CHILL[choices.glassKind!] ?? USUAL_CHILL['soda-lime'], range: [20, 400], usual: [40, 250], spread: { shape: 'lognormal', relative: CHILL_SPREAD },
            source: 'soda-lime bottles are tested at 42 K and usually survive two to three times that; borosilicate flasks about 180 K; from memory',
          },
          {
            id: 'slamLimit', name: 'blow the bottle bears', kind: 'quantity', quantity: 'pressure', units: ['MPa', 'psi'], group: 'coefficient',
            default: 8e6, range: [0.5e6, 100e6], usual: [2e6, 30e6], spread: { shape: 'lognormal', relative: 0.4 },
            source: 'hammer pressure on a sound wall; glass breaks at 30 to 60 MPa of tension, scratched glass at a tenth of it; assumption',
          },
        ])

const CHOICES = defineInputs([
          {
            id: 'wallMaterial', name: 'wall', kind: 'choice', group: 'vessel', default: 'aluminium',
            choices: SOLID_NAMES.filter(s => s === 'aluminium' || s === 'steel').map(id => ({ id, name: id })),
          },
          {
            id: 'vesselCondition', name: 'condition', kind: 'choice', group: 'vessel', default: 'sound',
            choices: [{ id: 'sound', name: 'sound' }, { id: 'dented', name: 'dented' }],
          },
          {
            id: 'vesselShape', name: 'shape', kind: 'choice', group: 'vessel', default: 'box',
            choices: [{ id: 'box', name: 'rectangular' }, { id: 'cylinder', name: 'round' }],
          },
          {
            id: 'coolingMethod', name: 'way of cooling', kind: 'choice', group: 'cooling', default: 'pour', lever: true,
            choices: [
              { id: 'ice-pool', name: 'standing in an ice pool' }, { id: 'spray', name: 'spraying' }, { id: 'pour', name: 'pouring' },
              { id: 'sprinkle', name: 'sprinkling' }, { id: 'still-air', name: 'waiting in still air' },
            ],
          },
          {
            id: 'fillMethod', name: 'way of filling with steam', kind: 'choice', group: 'heat', default: 'flame', lever: true,
            choices: [
              { id: 'flame', name: 'boiling over a flame or plate' }, { id: 'microwave', name: 'boiling in a microwave' },
              { id: 'rinse-once', name: 'one rinse with boiling water' }, { id: 'rinse-twice', name: 'two rinses with boiling water' },
            ],
          },
          {
            id: 'glassKind', name: 'glass', kind: 'choice', group: 'vessel', default: 'soda-lime',
            choices: [{ id: 'soda-lime', name: 'bottle glass' }, { id: 'borosilicate', name: 'borosilicate glass' }],
          },
        ])

type SharedQuantity = (typeof QUANTITIES)[number]['id']
type SharedChoice = (typeof CHOICES)[number]['id']
type WayOf<Id extends SharedChoice> = Extract<(typeof CHOICES)[number], { id: Id }>['choices'][number]['id']

/** A shared input, with what is different here. */
export function quantity<const Id extends SharedQuantity>(id: Id, changes: Partial<Omit<QuantityInput, 'id' | 'kind' | 'quantity'>> = {}): QuantityInput<Id> {
  const shared = QUANTITIES.find(i => i.id === id) as QuantityInput
  return { ...shared, ...changes, id }
}

/** A shared choice, with what is different here; `choices` may hold ways that only this one has. */
export function choice<const Id extends SharedChoice, const Way extends string = WayOf<Id>>(
  id: Id, changes: Partial<Omit<ChoiceInput<Id, WayOf<Id> | Way>, 'id' | 'kind'>> = {},
): ChoiceInput<Id, WayOf<Id> | Way> {
  // The table is read by the id that the type names.
  const shared = CHOICES[CHOICES.findIndex(i => i.id === id)] as unknown as ChoiceInput<Id, WayOf<Id>>
  return { ...shared, ...changes, id } as ChoiceInput<Id, WayOf<Id> | Way>
}

/** Several shared inputs as they are. */
export const quantities = <const Ids extends readonly SharedQuantity[]>(...ids: Ids): QuantityInput<Ids[number]>[] => ids.map(id => quantity(id))
