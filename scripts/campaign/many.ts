/** A department that has kept everything for years: five thousand runs, a thousand things. */
import { chromium } from '@playwright/test'
import pg from 'pg'
import { launchOptions } from '../browser/chromium'
import { percentile, type Figure, type Stage } from './stage'

const [RUNS, THINGS] = [5000, 1000]

async function fill(url: string): Promise<void> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query(
      `insert into run (id, staging_id, staging_version, performed_at, outcome, document)
       select gen_random_uuid(), r.staging_id, r.staging_version, now() - n * interval '7 hours', r.outcome,
         jsonb_set(r.document, '{note}', to_jsonb('group ' || n))
       from generate_series(1, $1) as n, lateral (
         select * from run offset (n % 12) limit 1) as r`,
      [RUNS],
    )
    await client.query(
      `insert into shelf_item (id, kind, name, document)
       select gen_random_uuid(), s.kind, s.name || ' ' || n,
         jsonb_set(s.document, '{name}', to_jsonb(s.name || ' ' || n))
       from generate_series(1, $1) as n, lateral (
         select * from shelf_item order by id offset (n % 10) limit 1) as s`,
      [THINGS],
    )
  } finally {
    await client.end()
  }
}

/** How long a page takes to show its list, and to answer what is typed into its search, in a real browser. */
async function pages(stage: Stage, part: string): Promise<Figure[]> {
  const browser = await chromium.launch(launchOptions())
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    // What runs these scripts names their functions with a helper that no page has.
    await page.addInitScript('globalThis.__name = f => f')
    const figures: Figure[] = []
    const places = [
      { name: 'Logbook', path: '/logbook', label: 'Search', list: 'ol > li', words: 'group 41' },
      { name: 'Shelf', path: '/shelf', label: 'Search the shelf', list: 'h3', words: ' 41' },
    ]
    for (const { name, path, label, list, words } of places) {
      const times = { open: [] as number[], typed: [] as number[] }
      for (let turn = 0; turn < 5; turn++) {
        const start = performance.now()
        await page.goto(stage.url + path)
        await page.locator(list).first().waitFor()
        times.open.push(performance.now() - start)
        const field = await page.getByLabel(label, { exact: true }).elementHandle()
        await page.waitForLoadState('networkidle')
        const took = await page.evaluate(
          ({ field, list, words }) =>
            new Promise<number>(resolve => {
              const text = () => [...document.querySelectorAll(list)].map(e => e.textContent).join()
              const [before, start] = [text(), performance.now()]
              new MutationObserver((_, observer) => {
                if (text() === before) return
                observer.disconnect()
                resolve(performance.now() - start)
              }).observe(document.body, { subtree: true, childList: true, characterData: true })
              const input = field as HTMLInputElement
              input.value = words
              input.dispatchEvent(new Event('input', { bubbles: true }))
            }),
          { field, list, words },
        )
        times.typed.push(took)
      }
      figures.push(
        {
          part,
          measure: `the ${name} opened in a browser, median`,
          value: percentile(times.open, 50),
          unit: 'ms',
          limit: 1000,
        },
        {
          part,
          measure: `what is typed there answered, median`,
          value: percentile(times.typed, 50),
          unit: 'ms',
          limit: 100,
        },
      )
    }
    return figures
  } finally {
    await browser.close()
  }
}

export async function many(stage: Stage): Promise<Figure[]> {
  await fill(stage.cluster.url)
  const part = `${RUNS} runs, ${THINGS} things`
  const timed = async (path: string) => {
    const times: number[] = []
    for (let i = 0; i < 10; i++) {
      const { status, took } = await stage.send('GET', path)
      if (status !== 200) throw new Error(`${path} answered ${status}`)
      times.push(took)
    }
    return percentile(times, 95)
  }
  const paths = {
    'the Logbook’s first page': ['/api/runs', 300],
    'a search for two words': ['/api/runs?search=group+41', 100],
    'the last page': [`/api/runs?offset=${RUNS - 20}`, 300],
    'what runs teach': ['/api/runs/teachers?demonstration=can-plunge', 100],
    'scores of all': ['/api/runs/scores', 500],
    'the Shelf': ['/api/shelf', 500],
    'the health of it': ['/api/health', 100],
  } as const
  const figures: Figure[] = await pages(stage, part)
  for (const [measure, [path, limit]] of Object.entries(paths))
    figures.push({ part, measure: `${measure}, P95`, value: await timed(path), unit: 'ms', limit })
  return figures
}
