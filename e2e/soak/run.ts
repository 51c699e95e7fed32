import { execFileSync } from 'node:child_process'
import pg from 'pg'
import { Site } from '../site'
import { withTestDatabase } from '../testDatabase'
import { BusyProject } from './busyProject'
import { longLog } from './longLog'
import { RandomWindow } from './randomWindow'

/**
 * Two windows make thousands of random changes, files go up and exports come out, while server, children and database
 * are killed; the windows must end equal, and everything acknowledged must be there, whole and once.
 */
const CHANGES = Number(process.argv[2] ?? 2000)
const LOG_MB = Number(process.argv[3] ?? 1024)
const KILL_EVERY = 100
const MOST_MB = 300

let [passed, failed] = [0, 0]
function tell(isWell: boolean, words: string) {
  if (isWell) passed++
  else failed++
  console.log(`${isWell ? 'ok' : 'FAILED'} ${words}`)
}

await withTestDatabase(async (database) => {
  const site = await Site.start(database, 'soak')
  const log = await longLog(site, LOG_MB)
  tell(
    log.status === 200 && log.peak < MOST_MB,
    `a log of ${LOG_MB} MB is opened and followed with ${log.peak} MB of memory`,
  )
  tell(log.told === 4001, `a tab at its beginning is told to start again (${log.told})`)

  const windows = [new RandomWindow(site, 1), new RandomWindow(site, 2)]
  const busy = new BusyProject(site)
  let isDone = false
  const work = (one: () => Promise<void>, everyMs: number) =>
    (async () => {
      for (; !isDone; await new Promise((resolve) => setTimeout(resolve, everyMs))) await one()
    })()
  const working = [
    work(() => busy.upload(), 150),
    work(() => busy.uploadSame(), 200),
    work(() => busy.export(), 1500),
  ]
  const victims = [
    async () => {
      await site.kill()
      await site.startServer()
    },
    async () => killChildren(site.pid),
    async () => void process.kill(database.pid, 'SIGKILL'),
  ]
  for (let count = 1; count <= CHANGES; count++) {
    await windows[count % 2].make()
    if (count % 7 === 0) await windows[(count + 1) % 2].follow()
    if (count % KILL_EVERY !== 0) continue
    await victims[(count / KILL_EVERY) % victims.length]()
    const acknowledged = windows.reduce((sum, window) => sum + window.acknowledged.size, 0)
    console.log(`${count} changes, ${acknowledged} acknowledged; ${busy.counts}`)
  }
  isDone = true
  await Promise.all(working)
  for (const window of windows) await window.follow()
  tell(
    JSON.stringify(windows[0].documents) === JSON.stringify(windows[1].documents),
    'both windows end equal',
  )
  const logged = windows[0].log
  const lost = windows.flatMap(({ acknowledged }) => [...acknowledged].filter((id) => !logged.includes(id)))
  tell(lost.length === 0, `${lost.length} acknowledged changes lost`)
  tell(new Set(logged).size === logged.length, 'no change is logged twice')
  const troubles = await busy.troubles()
  tell(troubles.length === 0, `${busy.counts}: ${troubles.join('; ') || 'all whole'}`)
  tell((await incomplete(site)) === 0, 'no blob is incomplete')
  await site.stop()
})
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed ? 1 : 0)

/** Ends whatever the server has others do. */
function killChildren(server: number) {
  try {
    execFileSync('pkill', ['-KILL', '-P', String(server)])
  } catch {
    // None was at work just now.
  }
}

async function incomplete({ databaseUrl }: Site): Promise<number> {
  const client = new pg.Client({ connectionString: databaseUrl })
  await client.connect()
  const { rows } = await client.query<{ count: string }>(
    `select count(*) from blobs b where b.size <> (select coalesce(sum(octet_length(bytes)), 0) from blob_chunks c where c.sha256 = b.sha256)`,
  )
  await client.end()
  return Number(rows[0].count)
}
