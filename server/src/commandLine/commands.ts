import { parseArgs } from 'node:util'
import { FLAGS, OPTIONS, type Called, type Command, type FlagName } from './command'
import { draftProject } from './draftProject'
import { exportProject } from './exportProject'
import { Misuse } from './misuse'
import { newProject } from './newProject'
import { reviewProject } from './reviewProject'
import { sitemapOfProject } from './sitemapOfProject'
import { tokensOfProject } from './tokensOfProject'

/** The commands there are. A new one is one file and one line here. */
export const commands: Command[] = [
  newProject,
  draftProject,
  exportProject,
  reviewProject,
  sitemapOfProject,
  tokensOfProject,
]

const HELP = `npm run -s nolvex -- COMMAND …, on a project file, without server or database

${commands.map(({ usage, about }) => `  ${usage}\n      ${about}`).join('\n')}

Ends with 0 when it is done, 1 when there are findings, 2 when it was called wrongly or a file is no good.`

/**
 * Runs what is on a command line.
 * @param words after the program's own name; @param say writes a line to standard output, @param tell to standard error
 * @returns the status to end with
 */
export async function runCommand(
  words: string[],
  say: Called['say'],
  tell: (line: string) => void,
): Promise<number> {
  try {
    const { name, called } = calledWith(words, say)
    if (name === undefined || called.flags.has('help')) {
      say(HELP)
      return name === undefined && !called.flags.has('help') ? 2 : 0
    }
    const command = commands.find((one) => one.name === name)
    if (!command) throw new Misuse(`There is no command “${name}”; --help says which there are.`)
    return await command.run(called)
  } catch (error) {
    if (!(error instanceof Misuse)) throw error
    tell(error.message)
    return 2
  }
}

function calledWith(words: string[], say: Called['say']): { name: string | undefined; called: Called } {
  const options = {
    ...Object.fromEntries(OPTIONS.map((name) => [name, { type: 'string' as const }])),
    ...Object.fromEntries(FLAGS.map((name) => [name, { type: 'boolean' as const }])),
    out: { type: 'string' as const, short: 'o' },
    help: { type: 'boolean' as const, short: 'h' },
  }
  try {
    const { values, positionals } = parseArgs({ args: words, options, allowPositionals: true })
    const [name, ...files] = positionals
    const flags = new Set(
      FLAGS.filter((flag): flag is FlagName => (values as Record<string, unknown>)[flag] === true),
    )
    return { name, called: { files, flags, say, options: values as Called['options'] } }
  } catch (error) {
    throw new Misuse(`${(error as Error).message} --help says what there is.`)
  }
}
