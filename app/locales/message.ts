import type { MessageCompiler, MessageContext } from 'petite-vue-i18n'

type Said = ReturnType<MessageCompiler>
type Context = Pick<MessageContext, 'list' | 'named' | 'plural'>

/** What stands in a text as it is, and what is put in: `{n}` by name, `{0}` by number. */
const pieces = (form: string) => form.split(/\{(\w+)\}/)
const put = (name: string, context: Context) =>
  String(((/^\d+$/.test(name) ? context.list(Number(name)) : context.named(name)) ?? '') as string | number)
const filled = (form: readonly string[], context: Context) =>
  form.map((piece, i) => (i % 2 === 1 ? put(piece, context) : piece)).join('')

const compiled = new Map<unknown, Said>()

/**
 * The interface's texts use two things of the package's language: `{name}` for what is put in, and ` | ` between the
 * forms for one and for several. Its own compiler reads more and would be 5 kB of every page.
 */
export const message: MessageCompiler = text => {
  const known = compiled.get(text)
  if (known) return known
  if (typeof text !== 'string') throw new TypeError('a text of the interface is a string')
  const forms = text.includes('|') ? text.split('|').map(form => pieces(form.trim())) : [pieces(text)]
  const said = (context: Context) => {
    const all = forms.map(form => filled(form, context))
    return all.length > 1 ? context.plural(all) : all[0]
  }
  compiled.set(text, said)
  return said
}
