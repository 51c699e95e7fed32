import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { Worker } from 'node:worker_threads'
import { Site } from '../site'
import { withTestDatabase } from '../testDatabase'
import { changes } from './changes'
import { drawings } from './drawings'
import { fuzz } from './fuzz'
import { ask, DEMO, type HostileInput, type Outcome } from './hostileInput'
import { launcher } from './launcher'
import { pictures } from './pictures'
import { projectFiles } from './projectFiles'
import { requests } from './requests'
import { sockets } from './sockets'

/**
 * Everything somebody who means ill might send, one after another, at the built server: each is refused as it should
 * be, the server answers meanwhile, and nothing is half applied. Then 2,000 requests, upgrades and frames at random.
 */
const inputs = [...pictures, ...drawings, ...projectFiles, ...changes, ...requests, ...sockets]
const wanted = process.argv[2]
const RANDOM = 2000
const SEED = 10
/** The goal is 200 ms. Machines are shared: what fails is far from it. */
const GOAL_MS = 200
const FAILS_MS = 1000

let [passed, failed, overGoal] = [0, 0, 0]

await withTestDatabase(async (database) => {
  const site = await Site.start(database, 'hostile', { NOLVEX_PATIENCE_MS: '3000' })
  const watch = new Worker(new URL('./healthWatch.mjs', import.meta.url), { workerData: site.address })
  const { pid } = site
  console.log(row('input', 'refused with', 'silence', 'memory'))
  for (const input of inputs.filter(({ name }) => !wanted || name.includes(wanted))) await attack(input)
  if (!wanted) {
    await whole('random requests, upgrades and frames', async () => `${await fuzz(site, RANDOM, SEED)} sent`)
    await whole('the start command', () => launcher(site))
  }
  await watch.terminate()
  await site.stop()

  async function attack({ name, make, send, status, says }: HostileInput) {
    const made = (await make?.()) ?? Buffer.alloc(0)
    const before = await stateOf(site)
    await silence()
    forgetPeak()
    const outcome = await send(site, made)
    const ms = await silence()
    const trouble = troubleWith(outcome, { status, says }, ms) ?? (await changedBy(outcome, before))
    tell(name, `${outcome.status || '–'} ${outcome.says}`, ms, trouble)
  }

  async function whole(name: string, work: () => Promise<string>) {
    await silence()
    forgetPeak()
    try {
      const said = await work()
      const ms = await silence()
      tell(name, said, ms, site.pid === pid && isAlive(pid) ? undefined : 'the server ended')
    } catch (error) {
      tell(name, (error as Error).message, await silence(), 'failed')
    }
  }

  function tell(name: string, said: string, ms: number, trouble: string | undefined) {
    if (ms > GOAL_MS) overGoal++
    if (trouble) failed++
    else passed++
    console.log(
      row(name, said, `${ms.toFixed(0)} ms`, `${peak()} MB`) + (trouble ? `  FAILED: ${trouble}` : ''),
    )
  }

  function troubleWith({ status, says }: Outcome, due: Pick<HostileInput, 'status' | 'says'>, ms: number) {
    if (!isAlive(pid)) return 'the server ended'
    if (!due.status.includes(status)) return `${due.status.join(' or ')} was due`
    if (due.says && !due.says.test(says)) return `${due.says} was due`
    return ms > FAILS_MS ? 'the server was silent too long' : undefined
  }

  /** What was refused changes nothing. */
  async function changedBy({ status, says }: Outcome, before: string): Promise<string | undefined> {
    const isTaken = [101, 200, 201, 202, 429].includes(status) && !says.includes('refused')
    return isTaken || (await stateOf(site)) === before ? undefined : 'something was changed'
  }

  /** The longest the server took to answer since it was asked last, ms. */
  function silence(): Promise<number> {
    return new Promise((resolve) => {
      watch.once('message', resolve)
      watch.postMessage('')
    })
  }

  function forgetPeak() {
    writeFileSync(`/proc/${pid}/clear_refs`, '5')
  }

  /** MB the server had in memory at most since it was forgotten. */
  function peak(): number {
    const status = isAlive(pid) ? readFileSync(`/proc/${pid}/status`, 'utf8') : ''
    return Math.round(Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024)
  }
})
console.log(`${overGoal} of ${passed + failed} kept the server from answering for more than ${GOAL_MS} ms`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed ? 1 : 0)

function isAlive(pid: number): boolean {
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'))
  } catch {
    return false
  }
}

/** All a refused input could have touched: projects, the demo’s documents, pictures and versions. */
async function stateOf(site: Site): Promise<string> {
  const paths = [
    '/api/projects',
    ...['documents', 'assets', 'versions'].map((what) => `/api/projects/${DEMO}/${what}`),
  ]
  const answers = await Promise.all(
    paths.map(async (path) => (await ask(site, 'GET', path, undefined, {}, Infinity)).says),
  )
  // A refused change takes a revision all the same, so that it is refused alike when it is repeated.
  const said = answers.map((text) => text.replace(/"(?:revision|updatedAt)":[^,}]*/g, ''))
  return createHash('sha256').update(said.join('\n')).digest('hex')
}

function row(name: string, said: string, silence: string, memory: string): string {
  return `${name.padEnd(46).slice(0, 46)} | ${said.padEnd(78).slice(0, 78)} | ${silence.padStart(7)} | ${memory.padStart(7)}`
}
