/** What a command was called with. */
export interface Called {
  files: string[]
  options: Partial<Record<OptionName, string>>
  flags: Set<FlagName>
  /** writes a line of what was done */
  say: (line: string) => void
}

export const OPTIONS = ['out', 'as', 'pages', 'bands', 'finish', 'scale', 'fail', 'report'] as const
export type OptionName = (typeof OPTIONS)[number]
export const FLAGS = ['json', 'help', 'fix'] as const
export type FlagName = (typeof FLAGS)[number]

/** A command of the command line: one file each, registered in `commands.ts`. */
export interface Command {
  name: string
  usage: string
  about: string
  /** @returns the status the program ends with: 0 done, 1 findings. @throws Misuse */
  run: (called: Called) => Promise<number>
}
