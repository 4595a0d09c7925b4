/** The table of hazards, controls, limits and refusals for docs/, made of the rules themselves. */
import { RULES, WHO_DECIDES, type Caution } from '../cautions'
import { REFUSALS } from '../catalogue'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { cautionsOf, resolve, type Demonstration } from '../demonstration'
import { METRIC, tell } from '../sentence'

const cell = (text: string) => text.replaceAll('|', '\\|')

/** Every caution that a demonstration has: as it stands, in each choice, and at both ends of each usual range. */
function cautionsOver(d: Demonstration): Caution[] {
  const tries = [
    { numbers: {}, choices: {} },
    ...d.inputs.flatMap(i =>
      i.kind === 'choice'
        ? i.choices.map(c => ({ numbers: {}, choices: { [i.id]: c.id } }))
        : i.usual.map(value => ({ numbers: { [i.id]: value }, choices: {} })),
    ),
  ]
  const found = new Map<string, Caution>()
  for (const given of tries) {
    const { values, faults } = resolve(d, given)
    if (faults.length > 0) continue
    for (const c of cautionsOf(d, values, d.simulate(values, 'summary'))) if (!found.has(c.id)) found.set(c.id, c)
  }
  const order = d.procedure.map(s => s.id)
  return [...found.values()].sort((a, b) => order.indexOf(a.step) - order.indexOf(b.step))
}

/** Markdown for docs/safety.md. */
export function safetyMarkdown(): string {
  const parts = [
    '# Hazards, controls, limits and refusals\n',
    'Made by `npm run formats` from the code; change it there.\n',
    `${WHO_DECIDES}\n`,
    'Cautions follow the draws of the forecast: a distance, a speed or a pressure in them is what 99 ' +
      'of 100 draws stay below. A gate is confirmed before anything in its step is done. ' +
      '"From memory" and "common practice" say that no text was at hand to quote.\n',
  ]
  for (const d of DEMONSTRATIONS) {
    parts.push(
      `## \`${d.id}\`: ${d.name}\n`,
      '| hazard | step | control | raised | source of the limit |\n|---|---|---|---|---|',
      ...cautionsOver(d).map(
        c =>
          `| ${cell(RULES[c.id].hazard)} | ${c.step} | ${cell(
            tell(c.control, METRIC),
          )} | ${cell(RULES[c.id].raised)} | ` + `${cell(RULES[c.id].source)} |`,
      ),
      '',
      ...(d.gates.length > 0
        ? ['Confirmed before:\n', ...d.gates.map(g => `- \`${g.step}\`: ${tell(g.text, METRIC)}`), '']
        : []),
      ...(REFUSALS.some(r => r.demonstration === d.id)
        ? [
            'Refused:\n',
            ...REFUSALS.filter(r => r.demonstration === d.id).map(r => `- ${r.when} (\`${r.input}\`; ${r.source})`),
            '',
          ]
        : []),
    )
  }
  return parts.join('\n')
}
