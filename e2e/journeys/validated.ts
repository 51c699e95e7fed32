import { lexer, parse, walk, type CssNode } from 'css-tree'
import { HtmlValidate, StaticConfigLoader } from 'html-validate'

const validator = new HtmlValidate(new StaticConfigLoader({ extends: ['html-validate:standard'] }))

/** What html-validate's standard rules find wrong with a page. */
export async function htmlErrors(html: string): Promise<string[]> {
  const { results } = await validator.validateString(html)
  return results.flatMap(({ messages }) =>
    messages.map(({ ruleId, message, line }) => `${ruleId}, line ${line}: ${message}`),
  )
}

/** What css-tree finds wrong with a style sheet: what cannot be parsed, and values their properties do not take. */
export function cssErrors(css: string): string[] {
  const errors: string[] = []
  const tree = parse(css, { onParseError: ({ message }) => errors.push(message) })
  walk(tree, function visit(this: { atrule: { name: string } | null }, node: CssNode) {
    if (node.type !== 'Declaration' || node.property.startsWith('--')) return
    const { property, value } = node
    const rule = this.atrule?.name
    const isDescriptor = rule === 'font-face' || rule === 'property'
    const { error } = isDescriptor
      ? lexer.matchAtruleDescriptor(rule, property, value)
      : lexer.matchProperty(property, value)
    // What a variable holds is only known where it is used.
    if (error && !error.message.includes('var()')) errors.push(`${property}: ${error.message}`)
  })
  return errors
}
