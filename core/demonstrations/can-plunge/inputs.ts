import { SOLID_NAMES } from '../../substances/solids'
import type { Input, Values } from '../face'
import { ROOM_INPUTS } from '../room-inputs'

const CELSIUS = 273.15
const ASSUMED = 'assumption, to be narrowed by past runs'

/**
 * Knock-down from a perfect cylinder's critical pressure: 0.75 after NASA SP-8007 (1968, rev. 2020) for external pressure;
 * a dent lowers it, by how much is an assumption.
 */
const knockDown = ({ choices }: Values): number => choices.vesselCondition === 'dented' ? 0.45 : 0.75

export const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
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
    id: 'wallMaterial', name: 'wall', kind: 'choice', group: 'vessel', default: 'aluminium',
    choices: SOLID_NAMES.filter(s => s !== 'glass').map(id => ({ id, name: id })),
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
    id: 'vesselCondition', name: 'condition', kind: 'choice', group: 'vessel', default: 'sound',
    choices: [{ id: 'sound', name: 'sound' }, { id: 'dented', name: 'dented' }],
  },
  {
    id: 'waterCharge', name: 'water in the can', kind: 'quantity', quantity: 'volume', units: ['mL', 'floz'], group: 'water',
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
    id: 'heatingEfficiency', name: 'share of the heat that gets into the can', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
    group: 'heat', default: 0.2, range: [0.02, 0.95], usual: [0.05, 0.6], spread: { shape: 'lognormal', relative: 0.2 },
    source: 'common practice: a slim can covers about a seventh of a plate and takes a little more than that share',
  },
  {
    id: 'purgeTime', name: 'boiling on after the plume', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'heat',
    default: 30, range: [0, 1800], usual: [0, 120], spread: { shape: 'normal', absolute: 1 }, lever: [-10, 10, 30],
  },
  {
    id: 'transferTime', name: 'from the heat into the water', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'plunge',
    default: 1, range: [0.2, 60], usual: [0.5, 12], spread: { shape: 'lognormal', relative: 0.25 }, lever: [-1, -0.5, 1, 3],
  },
  {
    id: 'bathTemperature', name: 'bath', kind: 'quantity', quantity: 'temperature', units: ['degC', 'degF'], group: 'plunge',
    default: 4 + CELSIUS, range: [0.1 + CELSIUS, 99 + CELSIUS], usual: [0.5 + CELSIUS, 90 + CELSIUS],
    spread: { shape: 'normal', absolute: 1 }, lever: [-10, 10],
  },
  {
    id: 'bathVolume', name: 'water in the bath', kind: 'quantity', quantity: 'volume', units: ['L', 'qt'], group: 'plunge',
    default: 6e-3, range: [0.2e-3, 0.5], usual: [1e-3, 20e-3], spread: { shape: 'normal', relative: 0.1 },
  },
  {
    id: 'iceMass', name: 'ice in the bath', kind: 'quantity', quantity: 'mass', units: ['g', 'lb'], group: 'plunge',
    default: 0.8, range: [0, 50], usual: [0, 3], spread: { shape: 'normal', relative: 0.15 },
  },
  {
    id: 'mouthDepth', name: 'mouth under the surface', kind: 'quantity', quantity: 'length', units: ['cm', 'in'], group: 'plunge',
    default: 0.03, range: [0.002, 0.4], usual: [0.005, 0.1], spread: { shape: 'normal', relative: 0.2 }, lever: [-0.01, 0.02],
  },
  {
    id: 'purgeMixing', name: 'mixing of steam and air while purging', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
    group: 'coefficient', default: 1, range: [0.05, 1], usual: [0.2, 1], spread: { shape: 'triangular', least: 0.5, most: 1 },
    source: '1: one stirred tank (cautious); towards 0: the steam pushes the air out in front of it (Levenspiel 1999, ch. 12)',
  },
  {
    id: 'plumeVapourFraction', name: 'steam in the gas that leaves when a plume first looks steady', kind: 'quantity',
    quantity: 'fraction', units: ['%', '%'], group: 'coefficient', default: 0.45, range: [0.05, 0.95], usual: [0.2, 0.8],
    spread: { shape: 'triangular', least: 0.25, most: 0.75 }, source: ASSUMED,
  },
  {
    id: 'heaterLimit', name: 'hottest the heater gets', kind: 'quantity', quantity: 'temperature', units: ['degC', 'degF'],
    group: 'coefficient', default: 520 + CELSIUS, range: [150 + CELSIUS, 1900 + CELSIUS], usual: [300 + CELSIUS, 700 + CELSIUS],
    spread: { shape: 'normal', absolute: 40 }, source: 'surface of a radiant or sealed plate at full power, from memory 450 to 600 °C',
  },
  {
    id: 'uprightShare', name: 'share of the carrying with the mouth still up', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
    group: 'coefficient', default: 0.5, range: [0, 1], usual: [0.2, 0.8], spread: { shape: 'uniform', least: 0.3, most: 0.7 }, source: ASSUMED,
  },
  {
    id: 'poolRetained', name: 'share of the water left that stays inside when turned over', kind: 'quantity', quantity: 'fraction',
    units: ['%', '%'], group: 'coefficient', default: 0.25, range: [0, 1], usual: [0, 0.8],
    spread: { shape: 'uniform', least: 0.05, most: 0.5 }, source: ASSUMED,
  },
  {
    id: 'plungeSpeed', name: 'speed of the plunge', kind: 'quantity', quantity: 'speed', units: ['m/s', 'ft/s'], group: 'coefficient',
    default: 0.3, range: [0.02, 3], usual: [0.1, 1], spread: { shape: 'lognormal', relative: 0.3 }, source: 'an arm putting a can into a bowl; assumption',
  },
  {
    id: 'airLayerFactor', name: 'how freely steam passes the air left in the can', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
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
    group: 'coefficient', default: 0.6, range: [0, 1], usual: [0.2, 0.95], spread: { shape: 'triangular', least: 0.3, most: 0.9 },
    source: 'share of its capacity for heat that spray uses in pure steam: a spray condenser reaches 0.9, a splash less; assumption',
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
    group: 'coefficient', default: 0.35, range: [0.05, 0.95], usual: [0.1, 0.7], spread: { shape: 'uniform', least: 0.2, most: 0.5 }, source: ASSUMED,
  },
  {
    id: 'packingStiffness', name: 'stiffening of crumpled wall', kind: 'quantity', quantity: 'fraction', units: ['%', '%'],
    group: 'coefficient', default: 1, range: [0.05, 10], usual: [0.3, 3], spread: { shape: 'lognormal', relative: 0.3 }, source: ASSUMED,
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
]
