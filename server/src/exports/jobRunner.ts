import type { Documents } from '@nolvex/core/document/types'
import { describeChanges } from '@nolvex/core/review/versions/describeChanges'
import { fork, type ChildProcess } from 'node:child_process'
import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Logger } from 'pino'
import type { Sequelize } from 'sequelize'
import { pageAddresses } from '@nolvex/core/site/address'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { AssetRow } from '../assets/assetModels'
import { storeBlob, wholeBlob } from '../assets/blobs'
import type { ProjectStates } from '../documents/projectState'
import { findProject } from '../projects/projectService'
import { JobRow, type JobState } from './jobModel'
import { VersionRow } from '../versions/versionModel'
import type { RenderInput } from './renderChild'
import type { GridInput } from './renderGrid'

const LIMIT_MS = 60_000
const LIMIT_MB = 1024
const LEASE_S = 90
const POLL_MS = 2000

/** Runs waiting exports one after another, each in a child process; several servers may share the queue. */
export class JobRunner {
  private children = new Map<string, ChildProcess>()
  private timer = setInterval(() => void this.run(), POLL_MS)
  private busy = false
  private closed = false

  constructor(
    private sequelize: Sequelize,
    private states: ProjectStates,
    private log: Logger,
  ) {}

  /** Starts whatever is waiting. */
  async run() {
    if (this.busy || this.closed) return
    this.busy = true
    try {
      for (let job = await this.lease(); job && !this.closed; job = await this.lease()) await this.finish(job)
    } catch (error) {
      this.log.warn({ err: error }, 'exports wait for the database')
    } finally {
      this.busy = false
    }
  }

  /** Stops a job, killing its process if it runs. */
  async cancel(id: string) {
    await JobRow.update({ state: 'cancelled' }, { where: { id, state: ['waiting', 'running'] } })
    this.children.get(id)?.kill('SIGKILL')
  }

  close() {
    this.closed = true
    clearInterval(this.timer)
    for (const child of this.children.values()) child.kill('SIGKILL')
  }

  /** Takes the oldest job that waits, or whose process died with its lease. */
  private async lease(): Promise<JobRow | undefined> {
    const [rows] = await this.sequelize.query(
      `update jobs set state = 'running', leased_until = now() + make_interval(secs => ${LEASE_S})
       where id = (
         select id from jobs where state = 'waiting' or (state = 'running' and leased_until < now())
         order by created_at limit 1 for update skip locked
       ) returning id`,
    )
    const [row] = rows as { id: string }[]
    return row && ((await JobRow.findByPk(row.id)) ?? undefined)
  }

  private async finish(job: JobRow) {
    let outcome: { state: JobState; error?: string; result?: string }
    try {
      const bytes = await this.render(job.id, await this.inputOf(job))
      outcome = { state: 'done', result: await storeBlob(bytes) }
    } catch (error) {
      outcome = { state: 'failed', error: (error as Error).message }
    }
    await JobRow.update(outcome, { where: { id: job.id, state: 'running' } })
  }

  private async inputOf({ projectId, input }: JobRow): Promise<RenderInput> {
    const project = await findProject(projectId)
    const { documents } = await this.states.at(projectId, project.revision)
    const site = documents.site as unknown as PageSources['site']
    if (input.format === 'map') return { ...input, title: project.name, site }
    if (input.format === 'grid')
      return { ...input, title: project.name, site, agreed: await this.gridAgreement(projectId, documents) }
    const page = site.records.pages[input.page]
    if (!page) throw new Error('This page no longer exists.')
    const drawing = documents[input.page] as unknown as PageSources['drawing'] | undefined
    if (!drawing)
      throw new Error(`“${page.title}” has no drawing yet. Open it in Wireframe and put a section on it.`)
    const style = documents.style as unknown as PageSources['style']
    const address = pageAddresses(site.records.pages).get(page.id) ?? '/'
    return {
      ...input,
      title: page.title || address,
      sources: { drawing, site, style },
      pictures: await pictures(projectId, drawing),
    }
  }

  /** Who agreed the grid last, and whether it differs now. */
  private async gridAgreement(projectId: string, now: Documents): Promise<GridInput['agreed']> {
    const gate = await VersionRow.findOne({
      where: { projectId, stage: 'grid' },
      order: [['createdAt', 'DESC']],
    })
    const [first] = gate?.approvals ?? []
    if (!gate || !first) return undefined
    const { documents } = await this.states.at(projectId, gate.revision)
    const changedSince = describeChanges(documents, now).some(({ stage }) => stage === 'grid')
    return { by: gate.approvals.map(({ name }) => name), at: first.at, changedSince }
  }

  private render(id: string, input: RenderInput): Promise<Buffer> {
    const child = fork(childPath(), {
      execArgv: [...process.execArgv, `--max-old-space-size=${LIMIT_MB}`],
      timeout: LIMIT_MS,
    })
    this.children.set(id, child)
    return new Promise<Buffer>((resolve, reject) => {
      child.once('message', (message: { bytes?: string; error?: string }) => {
        if (message.bytes) resolve(Buffer.from(message.bytes, 'base64'))
        else reject(new Error(message.error))
      })
      child.once('error', reject)
      child.once('exit', () =>
        reject(new Error('The export took too long or too much memory and was stopped.')),
      )
      child.send(input)
    }).finally(() => this.children.delete(id))
  }
}

/** The child's program: built beside this one, or its source when run from source. */
function childPath(): string {
  const built = fileURLToPath(new URL('./exports/renderChild.mjs', import.meta.url))
  return existsSync(built) ? built : fileURLToPath(new URL('./renderChild.ts', import.meta.url))
}

async function pictures(
  projectId: string,
  { records }: PageSources['drawing'],
): Promise<Record<string, string>> {
  const ids = new Set(Object.values(records.blocks).flatMap(({ picture }) => picture?.asset ?? []))
  const assets = await AssetRow.findAll({ where: { projectId, id: [...ids] } })
  const found = await Promise.all(
    assets.map(async ({ id, type, sha256 }) => {
      return [id, `data:${type};base64,${(await wholeBlob(sha256)).toString('base64')}`] as const
    }),
  )
  return Object.fromEntries(found)
}
