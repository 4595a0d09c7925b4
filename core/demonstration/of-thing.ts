import type { Demonstration } from './demonstration'
import type { ThingProperty } from './inputs'
import type { Values } from './values'

/**
 * What a staging says of one of its things.
 * @param property a number of it
 * @returns SI; undefined where the demonstration does not ask for it
 * @example ofThing(demonstration, values, 'ratedPower') // W of the heater
 */
export function ofThing(
  { inputs }: Pick<Demonstration, 'inputs'>,
  { numbers }: Values,
  property: ThingProperty,
): number | undefined {
  const input = inputs.find(i => i.onShelf === property)
  return input && numbers[input.id]
}
