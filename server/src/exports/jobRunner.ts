import { join } from 'node:path'
import type { Logger } from 'pino'
import { QueryTypes, type Sequelize } from 'sequelize'
import type { Documents } from '@nolvex/core/document/types'
import { aroundPages, type PageSources } from '@nolvex/core/resolve/pageSources'
import { describeChanges } from '@nolvex/core/review/versions/describeChanges'
import { pageAddresses } from '@nolvex/core/site/address'
import { storeBlob } from '../assets/blobs'
import { Children, ENDED } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import type { ProjectStates } from '../documents/projectState'
import { isUnavailable } from '../http/answerProblem'
import { Problem } from '../http/problem'
import { findProject } from '../projects/projectService'
import { VersionRow } from '../versions/versionModel'
import { JobRow, type JobState } from './jobModel'
import { boardInto, brandInto, ownFontsInto, packInto, picturesOn, reviewInto } from './packSources'
import type { RenderInput } from './render'
import type { GridInput } from './renderGrid'
import { progressIn } from './progress'
import { assetsInto, documentsInto } from './sourceFiles'

/** The stage whose gate a sheet tells of. */
const STAGE_OF = { map: undefined, grid: 'grid', guide: 'style' } as const

/** Exports that run at a time. */
const AT_A_TIME = 2
const LIMITS = { seconds: 60, megabytes: 1200 }
/** Looking a project over takes some seconds a page. */
const REVIEW_LIMITS = { ...LIMITS, seconds: 600 }
/** A lease is renewed while its job runs, so that what a killed server leaves is soon taken up elsewhere. */
const LEASE_S = 15
const POLL_MS = 2000
/** So often a running job renews its lease and sees whether it was cancelled, on whichever server that was asked for. */
const LOOK_MS = 500
const MOST_ATTEMPTS = 3
const DIED = 'This export ended its server each time it was tried. Make the page or the picture smaller.'

/**
 * Jobs that were begun too often fail; of the others the oldest of the project that has fewest running and was served
 * longest ago is taken. Many servers may ask at once.
 */
const TAKE = `
  with given_up as (
    update jobs set state = 'failed', error = :died, finished_at = now()
    where state = 'running' and leased_until < now() and attempts >= ${MOST_ATTEMPTS}
  ), due as (
    select id, project_id, created_at from jobs
    where state = 'waiting' or (state = 'running' and leased_until < now() and attempts < ${MOST_ATTEMPTS})
  ), fair as (
    select due.id, row_number() over (order by
      (select count(*) from jobs r where r.project_id = due.project_id and r.state = 'running' and r.leased_until >= now()),
      (select max(leased_until) from jobs s where s.project_id = due.project_id) nulls first,
      due.created_at
    ) as turn from due
  )
  update jobs set state = 'running', attempts = attempts + 1, leased_until = now() + make_interval(secs => ${LEASE_S})
  where id = (
    select jobs.id from jobs join fair on fair.id = jobs.id
    where jobs.state = 'waiting' or jobs.leased_until < now()
    order by fair.turn limit 1 for update of jobs skip locked
  ) returning id`

/** Runs waiting exports, two at a time, each in a child process; several servers may share the queue. */
export class JobRunner {
  private children: Children
  private timer = setInterval(() => this.run(), POLL_MS)
  private running = 0
  private closed = false

  constructor(
    private sequelize: Sequelize,
    private states: ProjectStates,
    private log: Logger,
  ) {
    this.children = new Children(log, AT_A_TIME)
  }

  /** Starts whatever is waiting, as many as may run. */
  run() {
    for (; this.running < AT_A_TIME && !this.closed;) {
      this.running++
      void this.work().finally(() => this.running--)
    }
  }

  /** Stops a job; the server that runs it ends its process. */
  async cancel(id: string) {
    await JobRow.update({ state: 'cancelled' }, { where: { id, state: ['waiting', 'running'] } })
  }

  close() {
    this.closed = true
    clearInterval(this.timer)
    this.children.close()
  }

  /** Takes one job after another until none waits. */
  private async work() {
    try {
      for (let job = await this.take(); job && !this.closed; job = await this.take()) await this.finish(job)
    } catch (error) {
      if (!this.closed) this.log.warn({ err: error }, 'exports wait for the database')
    }
  }

  private async take(): Promise<JobRow | undefined> {
    const [row] = await this.sequelize.query<{ id: string }>(TAKE, {
      replacements: { died: DIED },
      type: QueryTypes.SELECT,
    })
    return row && ((await JobRow.findByPk(row.id)) ?? undefined)
  }

  private async finish(job: JobRow) {
    let outcome: { state: JobState; error?: string; result?: string }
    try {
      outcome = { state: 'done', result: await this.render(job) }
    } catch (error) {
      // What a closing server leaves, or an absent database, is taken up again when its lease has run out.
      if (this.closed || isUnavailable(error)) throw error
      outcome = this.failure(job, error)
    }
    await JobRow.update({ ...outcome, finishedAt: new Date() }, { where: { id: job.id, state: 'running' } })
  }

  private failure({ attempts }: JobRow, error: unknown): { state: JobState; error?: string } {
    if (error instanceof Problem)
      return error.status === ENDED && attempts < MOST_ATTEMPTS
        ? { state: 'waiting' }
        : { state: 'failed', error: error.message }
    this.log.error({ err: error }, 'an export failed')
    return { state: 'failed', error: 'This export failed for a reason nobody foresaw.' }
  }

  private render(job: JobRow): Promise<string> {
    return inWorkFolder(async (folder) => {
      const stop = new AbortController()
      const looking = setInterval(() => void this.renew(job.id, folder, stop), LOOK_MS)
      try {
        const input = await this.inputOf(job, folder)
        const limits = job.input.format === 'review' ? REVIEW_LIMITS : LIMITS
        await this.children.run('render', folder, input, limits, stop.signal)
        return await storeBlob(this.sequelize, join(folder, 'result'))
      } finally {
        clearInterval(looking)
      }
    })
  }

  /**
   * Renews a lease and says how far the job has come; one that no longer runs was cancelled, or its project deleted, and
   * is stopped.
   */
  private async renew(id: string, folder: string, stop: AbortController) {
    const progress = await progressIn(folder)
    const renewed = await this.sequelize
      .query(
        `update jobs set leased_until = now() + make_interval(secs => ${LEASE_S}), progress = :progress
         where id = :id and state = 'running' returning id`,
        { replacements: { id, progress }, type: QueryTypes.SELECT },
      )
      .catch(() => undefined)
    if (renewed?.length === 0) stop.abort()
  }

  /** Lays what a job is rendered from into a folder. */
  private async inputOf({ projectId, input }: JobRow, folder: string): Promise<RenderInput> {
    const project = await findProject(projectId)
    const { documents } = await this.states.at(projectId, project.revision)
    const { site, style } = documents
    if (input.format === 'map' || input.format === 'grid' || input.format === 'guide') {
      await documentsInto(folder, { site, style })
      const stage = STAGE_OF[input.format]
      const agreed = stage ? await this.agreement(projectId, stage, documents) : undefined
      const isGuide = input.format === 'guide'
      const fonts = isGuide ? await ownFontsInto(folder, projectId, style) : []
      const pictures = isGuide ? await brandInto(folder, projectId, style) : []
      return { wanted: input, title: project.name, pictures, fonts, agreed }
    }
    if (input.format === 'pack') return packInto(folder, project, documents, input)
    if (input.format === 'review') return reviewInto(folder, project, documents, input)
    if (input.format === 'board') return boardInto(folder, project, documents, input)
    const { pages } = (site as unknown as PageSources['site']).records
    const page = pages[input.page]
    if (!page) throw new Problem(404, 'This page no longer exists.')
    const drawing = documents[input.page]
    if (!drawing)
      throw new Problem(
        422,
        `“${page.title}” has no drawing yet. Open it in Wireframe and put a section on it.`,
      )
    const around = aroundPages(documents)
    await documentsInto(folder, { ...around, site, style, [drawing.id]: drawing })
    const shown = [drawing as unknown as PageSources['drawing']]
    const files = await assetsInto(folder, await picturesOn(projectId, shown, style, around))
    return {
      wanted: input,
      fonts: await ownFontsInto(folder, projectId, style),
      title: page.title || (pageAddresses(pages).get(page.id) ?? '/'),
      pictures: files.map(({ asset: { id, type }, file }) => ({ id, type, file })),
    }
  }

  /** Who agreed a stage last, and whether it differs now. */
  private async agreement(projectId: string, stage: string, now: Documents): Promise<GridInput['agreed']> {
    const gate = await VersionRow.findOne({
      where: { projectId, stage },
      order: [['createdAt', 'DESC']],
    })
    const [first] = gate?.approvals ?? []
    if (!gate || !first) return undefined
    const { documents } = await this.states.at(projectId, gate.revision)
    const changedSince = describeChanges(documents, now).some((change) => change.stage === stage)
    return { by: gate.approvals.map(({ name }) => name), at: first.at, changedSince }
  }
}
