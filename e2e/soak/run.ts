import { Site } from '../site'
import { withTestDatabase } from '../testDatabase'
import { RandomWindow } from './randomWindow'

/** Two windows make thousands of random changes while server and database are killed; they must end equal. */
const CHANGES = Number(process.argv[2] ?? 2000)
const KILL_EVERY = 400

let failed = 0
await withTestDatabase(async (database) => {
  const site = await Site.start(database, 'soak')
  const windows = [new RandomWindow(site, 1), new RandomWindow(site, 2)]
  for (let count = 1; count <= CHANGES; count++) {
    await windows[count % 2].make()
    if (count % 7 === 0) await windows[(count + 1) % 2].follow()
    if (count % KILL_EVERY !== 0) continue
    if (count % (2 * KILL_EVERY) === 0) process.kill(database.pid, 'SIGKILL')
    else {
      await site.kill()
      await site.startServer()
    }
    console.log(
      `${count} changes, ${windows[0].acknowledged.size + windows[1].acknowledged.size} acknowledged`,
    )
  }
  for (const window of windows) await window.follow()
  const isEqual = JSON.stringify(windows[0].documents) === JSON.stringify(windows[1].documents)
  const logged = new Set(windows[0].log)
  const lost = windows.flatMap(({ acknowledged }) => [...acknowledged].filter((id) => !logged.has(id)))
  console.log(isEqual ? 'both windows end equal' : 'the windows differ')
  console.log(`${lost.length} acknowledged changes lost`)
  failed = (isEqual ? 0 : 1) + (lost.length ? 1 : 0)
  await site.stop()
})
console.log(`${2 - failed} passed, ${failed} failed`)
process.exit(failed ? 1 : 0)
