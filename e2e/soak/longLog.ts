import { readFileSync, writeFileSync } from 'node:fs'
import pg from 'pg'
import { WebSocket } from 'ws'
import type { Site } from '../site'

const PROJECT = 'longlogproject00'
const MB = 1024 * 1024

/**
 * A log of 1 GB with no snapshot since its beginning, as servers before could leave one: opened, followed from its
 * beginning, and exported. @returns the most memory the server had, MB, and what a tab that is far behind was told
 */
export async function longLog(
  site: Site,
  megabytes: number,
): Promise<{ peak: number; told: number; status: number }> {
  const client = new pg.Client({ connectionString: site.databaseUrl })
  await client.connect()
  await client.query(
    `insert into projects (id, name, revision) values ('${PROJECT}', 'Long log', ${megabytes + 1})`,
  )
  await client.query(
    `insert into snapshots select '${PROJECT}', 1, body, bytes from snapshots where project_id = 'emptyproject0000' and revision = 1`,
  )
  await client.query(
    `insert into changes (project_id, revision, id, client, base, label, schema, parts, inverse, outcomes, bytes)
     select '${PROJECT}', n, 'c' || lpad(n::text, 15, '0'), 'soakclient000000', 1, 'x', 1,
       jsonb_build_array(jsonb_build_object('document', 'site', 'kind', 'site', 'operations',
         (select jsonb_agg(jsonb_build_object('type', 'put', 'collection', 'pages', 'id', 'p' || lpad((n * 500 + k)::text, 15, '0'),
           'record', jsonb_build_object('id', 'x', 'order', 'a0', 'title', repeat(md5((n * k)::text), 60)))) from generate_series(1, 500) k))),
       '[]', '[]', $1 from generate_series(2, ${megabytes + 1}) n`,
    [MB],
  )
  await client.end()
  writeFileSync(`/proc/${site.pid}/clear_refs`, '5')
  const { status } = await fetch(`${site.address}/api/projects/${PROJECT}/documents`)
  await fetch(`${site.address}/api/projects/${PROJECT}/changes?since=1`)
  const told = await streamEnds(site)
  const peak = Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${site.pid}/status`, 'utf8'))?.[1]) / 1024
  return { peak: Math.round(peak), told, status }
}

function streamEnds(site: Site): Promise<number> {
  const address = `${site.address.replace('http', 'ws')}/api/stream?project=${PROJECT}&since=1`
  const socket = new WebSocket(address, { origin: site.address })
  return new Promise((resolve) => {
    socket.on('close', resolve).on('error', () => resolve(0))
  })
}
