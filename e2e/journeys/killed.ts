import { expectEqual } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const ROUNDS = 2
const CHANGES = 25

/** Server and database are killed while changes come in: what was acknowledged is there afterwards. */
export const killed: Journey = {
  name: 'kill -9 of server and database',
  async run({ site, database }) {
    const acknowledged: string[] = []
    let count = 0
    for (let round = 0; round < ROUNDS; round++) {
      const victim = round === 0 ? () => site.kill() : async () => void process.kill(database.pid, 'SIGKILL')
      const killing = new Promise<void>((resolve) => setTimeout(() => void victim().then(resolve), 150))
      for (let change = 0; change < CHANGES; change++) {
        const id = `p${String(count++).padStart(15, '0')}`
        if (await commit(id)) acknowledged.push(id)
      }
      await killing
      if (round === 0) await site.startServer()
      await answers()
    }
    await commit(`p${String(count).padStart(15, '0')}`)
    const { documents } = await documentsOf(site, PROJECT)
    const pages = documents.site.records.pages
    const lost = acknowledged.filter((id) => !pages[id])
    expectEqual(lost, [], 'acknowledged changes that are gone')

    async function commit(id: string): Promise<boolean> {
      const record = { id, order: `a${id}`.slice(0, 16), title: id }
      const part = {
        document: 'site',
        kind: 'site',
        operations: [{ type: 'put', collection: 'pages', id, record }],
      }
      const change = {
        id: `c${id.slice(1)}`,
        client: 'aclient000000000',
        base: 1,
        label: 'Add page',
        parts: [part],
      }
      const init = {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(change),
      }
      const response = await fetch(`${site.address}/api/projects/${PROJECT}/changes`, init).catch(
        () => undefined,
      )
      return response?.ok ?? false
    }

    async function answers() {
      for (let tries = 0; tries < 150; tries++) {
        const response = await fetch(`${site.address}/health`).catch(() => undefined)
        if (response?.ok) return
        await new Promise((resolve) => setTimeout(resolve, 100))
      }
      throw new Error('the server did not come back')
    }
  },
}
