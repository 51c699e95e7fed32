import { existsSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { z } from 'zod'
import { USUAL_TIMES, type SweepTimes } from './database/sweeper'

const environment = z.object({
  DATABASE_URL: z.url({ protocol: /^postgres(ql)?$/ }),
  PORT: z.coerce.number().int().min(0).max(65535).default(4180),
  LOG_LEVEL: z.enum(['fatal', 'error', 'warn', 'info', 'debug', 'silent']).default('info'),
  NOLVEX_DEMO: z.enum(['load', 'reset', 'none']).default('load'),
  NOLVEX_PATIENCE_MS: z.coerce.number().int().min(100).max(600_000).default(30_000),
})

export interface Config {
  databaseUrl: string
  port: number
  logLevel: string
  /** whether the demo project is loaded into an empty database, put back as it was, or left out */
  demo: 'load' | 'reset' | 'none'
  /** ms after which a request that stops coming in is given up */
  patienceMs: number
  /** how long what nothing needs is kept */
  sweepTimes: SweepTimes
}

/** Settings from the environment. Throws with the name of the one that is wrong. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const parsed = environment.safeParse(env)
  if (!parsed.success) {
    const [issue] = parsed.error.issues
    throw new Error(`${issue.path.join('.')}: ${issue.message}`)
  }
  const { DATABASE_URL, PORT, LOG_LEVEL, NOLVEX_DEMO, NOLVEX_PATIENCE_MS } = parsed.data
  return {
    databaseUrl: DATABASE_URL,
    port: PORT,
    logLevel: LOG_LEVEL,
    demo: NOLVEX_DEMO,
    patienceMs: NOLVEX_PATIENCE_MS,
    sweepTimes: USUAL_TIMES,
  }
}

/** The folder of the whole project, found from this file upwards, built or not. */
export function rootFolder(): string {
  let folder = dirname(fileURLToPath(import.meta.url))
  for (;;) {
    const file = join(folder, 'package.json')
    if (existsSync(file) && (JSON.parse(readFileSync(file, 'utf8')) as { name: string }).name === 'nolvex')
      return folder
    if (folder === dirname(folder)) throw new Error('The project folder was not found.')
    folder = dirname(folder)
  }
}
