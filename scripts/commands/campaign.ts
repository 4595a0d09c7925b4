/**
 * `npm run campaign`: faults, wrong input and load against the built application, for some minutes; prints each figure
 * with its limit, and ends with 1 if one is not kept to. Names of parts after `--` run those alone.
 */
import { fuzz } from '../campaign/fuzz'
import { kills } from '../campaign/kills'
import { load, planning } from '../campaign/load'
import { many } from '../campaign/many'
import { silence } from '../campaign/silence'
import { Stage, type Figure } from '../campaign/stage'
import { messageOf } from '../root'

const PARTS: Record<string, (stage: Stage) => Promise<Figure[]>> = { kills, fuzz, load, planning, silence, many }

const wanted = process.argv.slice(2)
const unknown = wanted.filter(name => !(name in PARTS))
if (unknown.length > 0) {
  console.error(`part: given "${unknown.join(', ')}"; accepted: ${Object.keys(PARTS).join(', ')}`)
  process.exit(2)
}
let broken = 0
const stage = await Stage.open(line => console.error(line))
try {
  for (const [name, run] of Object.entries(PARTS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue
    try {
      for (const { part, measure, value, unit, limit } of await run(stage)) {
        const meets = value <= limit
        if (!meets) broken++
        const figure = value.toFixed(value < 10 && !Number.isInteger(value) ? 2 : 0)
        console.log(`${meets ? 'ok  ' : 'OVER'} ${part}: ${measure} ${figure} ${unit} (at most ${limit.toFixed(0)})`)
      }
    } catch (error) {
      broken++
      console.error(`OVER ${name} could not be run: ${messageOf(error)}`)
    }
  }
} finally {
  await stage.close()
}
process.exit(broken > 0 ? 1 : 0)
