import { fork, type ChildProcess } from 'node:child_process'
import { existsSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { cpus } from 'node:os'
import { fileURLToPath } from 'node:url'
import type { Logger } from 'pino'
import { Problem } from '../http/problem'
import type { ChildAnswer, ChildTask, ChildTasks } from './childMessage'
import { Turns } from './turns'

/** What a child process may take. */
export interface ChildLimits {
  /** s of wall clock; of processor time the kernel allows it as much */
  seconds: number
  /** MB of everything it has: the script's heap, what libraries take, and buffers */
  megabytes: number
}

const MB = 1024 * 1024
const WATCH_MS = 100
/** Status of work that was broken off by no fault of its own, and may be done again. */
export const ENDED = 503

/** Work done in processes of their own, so many at a time. They get no credentials and die with this process. */
export class Children {
  private running = new Set<ChildProcess>()
  private turns: Turns

  constructor(
    private log: Logger,
    atATime: number,
  ) {
    this.turns = new Turns(atATime)
  }

  /**
   * Has one task done by a child.
   * @param folder where its files are and what it writes goes
   * @throws Problem as the child found it, or 422 when it took more than its limits
   */
  async run<T extends ChildTask>(
    task: T,
    folder: string,
    input: ChildTasks[T]['input'],
    limits: ChildLimits,
    signal?: AbortSignal,
  ): Promise<ChildTasks[T]['result']> {
    const leave = await this.turns.enter(signal)
    try {
      const answer = await this.answerOf(task, folder, input, limits, signal)
      if ('result' in answer) return answer.result
      if ('problem' in answer) throw new Problem(answer.problem.status, answer.problem.message)
      this.log.error({ task, err: answer.failure }, 'a child process failed')
      throw new Problem(
        422,
        'This could not be done, for a reason nobody foresaw. It is in the server’s log.',
      )
    } finally {
      leave()
    }
  }

  close() {
    for (const child of this.running) child.kill('SIGKILL')
  }

  private answerOf(
    task: ChildTask,
    folder: string,
    input: object,
    limits: ChildLimits,
    signal?: AbortSignal,
  ): Promise<ChildAnswer> {
    const child = startChild(limits)
    this.running.add(child)
    return new Promise<ChildAnswer>((resolve, reject) => {
      const kill = (problem: Problem) => {
        reject(problem)
        child.kill('SIGKILL')
      }
      const watching = watchMemory(child, limits.megabytes, () => kill(tooLarge(limits)))
      const late = setTimeout(() => kill(tooLong(limits)), limits.seconds * 1000)
      const cancel = () => kill(new Problem(409, 'This was cancelled.'))
      signal?.addEventListener('abort', cancel, { once: true })
      const end = (reason: Error) => {
        clearInterval(watching)
        clearTimeout(late)
        signal?.removeEventListener('abort', cancel)
        this.running.delete(child)
        reject(reason)
      }
      child.once('message', (answer: ChildAnswer) => resolve(answer))
      // A child that cannot be started has no end of its own; one that is gone already cannot be spoken to.
      child.on('error', end)
      child.once('exit', (code, by) =>
        end(by ? endedBy(by, limits) : new Error(`a child process ended with ${code}`)),
      )
      child.send({ task, folder, input })
    })
  }
}

const tooLong = ({ seconds }: ChildLimits) =>
  new Problem(422, `This takes longer than ${seconds} s and was stopped. Make it smaller or simpler.`)
const tooLarge = ({ megabytes }: ChildLimits) =>
  new Problem(
    422,
    `This takes more than ${megabytes} MB of memory and was stopped. Make it smaller or simpler.`,
  )

/** What it means that a child was ended without an answer. */
function endedBy(signal: NodeJS.Signals, limits: ChildLimits): Problem {
  if (signal === 'SIGXCPU') return tooLong(limits)
  // An allocation that was refused aborts the script's engine and most libraries.
  if (signal === 'SIGABRT' || signal === 'SIGSEGV' || signal === 'SIGTRAP') return tooLarge(limits)
  return new Problem(ENDED, 'The process that worked on this was ended from outside. Try again.')
}

/**
 * A child under limits the kernel keeps: it dies with the thread that made it, and may have only so much data and
 * processor time, whatever its libraries do.
 */
function startChild({ seconds, megabytes }: ChildLimits): ChildProcess {
  const { program, needs } = childProgram()
  const processorSeconds = Math.ceil(seconds * cpus().length)
  const limits = [
    // Node reserves far more than it uses; the watch below holds it to the real limit.
    `--data=${(megabytes + 512) * MB}`,
    `--cpu=${processorSeconds}:${processorSeconds + 2}`,
    '--core=0',
  ]
  return fork(program, {
    execPath: 'setpriv',
    execArgv: [
      ...['--pdeathsig', 'KILL', 'prlimit', ...limits, process.execPath],
      `--max-old-space-size=${Math.floor(megabytes * 0.75)}`,
      ...needs,
    ],
    env: { PATH: process.env.PATH, HOME: process.env.HOME, TMPDIR: process.env.TMPDIR, TZ: 'UTC' },
    serialization: 'advanced',
  })
}

/** Looks at everything a child has in memory, several times a second. */
function watchMemory(child: ChildProcess, megabytes: number, tooMuch: () => void): NodeJS.Timeout {
  return setInterval(async () => {
    const status = await readFile(`/proc/${child.pid}/status`, 'utf8').catch(() => '')
    const kilobytes = Number(/^VmRSS:\s+(\d+) kB/m.exec(status)?.[1] ?? 0)
    if (kilobytes / 1024 > megabytes) tooMuch()
  }, WATCH_MS)
}

/** The child's program: built beside this one, or its source when run from source. */
function childProgram(): { program: string; needs: string[] } {
  const built = fileURLToPath(new URL('./children/child.mjs', import.meta.url))
  if (existsSync(built)) return { program: built, needs: [] }
  return { program: fileURLToPath(new URL('./child.ts', import.meta.url)), needs: ['--import', 'tsx'] }
}
