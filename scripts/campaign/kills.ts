/** Server and database killed under writes: what was acknowledged is there, once. */
import { randomInt, randomUUID } from 'node:crypto'
import { mark, type Figure, type Stage } from './stage'

const ROUNDS = 8
const WRITERS = 6
/** Between two kills, ms. */
const [LEAST, MOST] = [300, 1500]

export async function kills(stage: Stage): Promise<Figure[]> {
  const show = await stage.beginShow()
  const [marks, stagings] = [new Set<string>(), new Set<string>()]
  let writing = true
  /** A write is made again with the same ids until it is answered, as the pages do it. */
  const until = async (path: string, body: unknown): Promise<boolean> => {
    while (writing) {
      const status = await stage.send('POST', path, body).then(
        answer => answer.status,
        () => 0,
      )
      if (status === 200) return true
      await new Promise(resolve => setTimeout(resolve, 30))
    }
    return false
  }
  const writers = Array.from({ length: WRITERS }, async (_, w) => {
    while (writing) {
      if (w % 2) {
        const made = mark('plume')
        if (await until(`/api/live/${show}/marks`, { marks: [made] })) marks.add(made.id)
      } else {
        const id = randomUUID()
        const document = { demonstration: 'can-plunge', title: `Kill ${w}`, inputs: {} }
        if (await until('/api/stagings', { id, writeId: randomUUID(), document })) stagings.add(id)
      }
    }
  })
  for (let round = 0; round < ROUNDS; round++) {
    await new Promise(resolve => setTimeout(resolve, randomInt(LEAST, MOST)))
    if (round % 2) await stage.killDatabase()
    else await stage.killServer()
  }
  await new Promise(resolve => setTimeout(resolve, MOST))
  writing = false
  await Promise.all(writers)
  const ids = async (path: string, of: (body: never) => { id: string }[]): Promise<string[]> =>
    of((await stage.send('GET', path)).body as never).map(r => r.id)
  const keptMarks = await ids(`/api/live/${show}`, (body: { marks: { id: string }[] }) => body.marks)
  const keptStagings = await ids('/api/stagings', (body: { id: string }[]) => body)
  const lost =
    [...marks].filter(id => !keptMarks.includes(id)).length +
    [...stagings].filter(id => !keptStagings.includes(id)).length
  const doubled = keptMarks.length - new Set(keptMarks).size + keptStagings.length - new Set(keptStagings).size
  const part = `${ROUNDS} kills under ${marks.size + stagings.size} acknowledged writes`
  return [
    { part, measure: 'lost', value: lost, unit: 'records', limit: 0 },
    { part, measure: 'doubled', value: doubled, unit: 'records', limit: 0 },
  ]
}
