/** The list of demonstrations with their inputs, results and outcomes, for docs/. */
import { METRIC, tell } from '../sentence'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { acceptedRange, describeSpread, resolve, usualSpread, type Input, type Values } from '../demonstration'
import { SI_UNIT, formatQuantity } from '../units'

const cell = (text: string) => text.replaceAll('|', '\\|')

function inputRow(input: Input, values: Values): string {
  if (input.kind === 'choice')
    return (
      `| \`${input.id}\` | ${cell(input.name)} | ${input.default} | ` +
      `${input.choices.map(c => c.id).join(', ')} | | |`
    )
  const value = values.numbers[input.id]
  const shown = value === undefined ? 'none' : formatQuantity(value, input.units[0], input.quantity)
  const spread =
    input.spread.shape === 'exact'
      ? 'exact'
      : `${usualSpread(input, values).shape}, ` +
        `${describeSpread(usualSpread(input, values), input, input.units[0], { stated: value })}`
  return (
    `| \`${input.id}\` | ${cell(input.name)} | ${shown}` +
    (typeof input.default === 'function' ? ' (follows from others)' : '') +
    ' ' +
    `| ${tell(acceptedRange(input), METRIC)} | ${spread} | ${cell(input.source ?? '')} |`
  )
}

/** Markdown for docs/demonstrations.md. */
export function demonstrationsMarkdown(): string {
  const parts = ['# Demonstrations\n\nMade by `npm run formats` from the code; change it there.\n']
  for (const d of DEMONSTRATIONS) {
    const { values } = resolve(d, { numbers: {}, choices: {} })
    parts.push(
      `## \`${d.id}\`: ${d.name}\n\n${d.summary}\n`,
      '### Inputs\n\n| id | what | default | accepted | spread (standard uncertainty or bounds) | ' +
        'source |\n|---|---|---|---|---|---|',
      ...d.inputs.map(i => inputRow(i, values)),
      '\n### Results (SI)\n\n| id | what | unit |\n|---|---|---|',
      ...d.results.map(
        r =>
          `| \`${r.id}\` | ${r.name} | ` +
          `${{ tempK: 'K', '': '1' }[SI_UNIT[r.quantity] as string] ?? SI_UNIT[r.quantity]} |`,
      ),
      '\n### Outcomes\n\n| id | what the room sees |\n|---|---|',
      ...d.outcomes.map(o => `| \`${o.id}\` | ${o.sentence} |`),
      '',
    )
  }
  return `${parts.join('\n')}`
}
