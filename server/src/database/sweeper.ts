import type { Logger } from 'pino'
import { QueryTypes, type Sequelize } from 'sequelize'
import { isUnavailable } from '../http/answerProblem'

/** What is kept how long, and how often it is looked at. */
export interface SweepTimes {
  everyMs: number
  /** bytes nothing refers to are kept so long, as what was just stored is referred to only a moment later */
  blobSeconds: number
  jobHours: number
  logDays: number
  logChanges: number
}

export const USUAL_TIMES: SweepTimes = {
  everyMs: 10 * 60_000,
  blobSeconds: 10 * 60,
  jobHours: 24,
  logDays: 90,
  logChanges: 10_000,
}

const BATCH = 20

const UNUSED = `
  not exists (select 1 from assets where assets.sha256 = blobs.sha256)
  and not exists (select 1 from jobs where jobs.result = blobs.sha256)`

/**
 * Frees in the background what nothing needs any more: bytes no picture and no export refers to, exports of yesterday,
 * log entries that are both old and many, snapshots nobody can come back to.
 */
export class Sweeper {
  private timer: NodeJS.Timeout
  private working: Promise<void> | undefined
  private isDue = false

  constructor(
    private sequelize: Sequelize,
    private log: Logger,
    private times: SweepTimes = USUAL_TIMES,
  ) {
    this.timer = setInterval(() => void this.sweep(), times.everyMs)
    this.timer.unref()
  }

  /** Sweeps now, or once more when it is sweeping already. */
  sweep(): Promise<void> {
    this.isDue = true
    this.working ??= this.work().finally(() => (this.working = undefined))
    return this.working
  }

  async close() {
    clearInterval(this.timer)
    await this.working
  }

  private async work() {
    try {
      while (this.isDue) {
        this.isDue = false
        await this.run(
          `delete from jobs where state in ('done', 'failed', 'cancelled') and coalesce(finished_at, created_at) < now() - make_interval(hours => :hours)`,
          { hours: this.times.jobHours },
        )
        await this.pruneLogs()
        while (await this.freeBlobs());
      }
    } catch (error) {
      if (!isUnavailable(error)) this.log.error({ err: error }, 'sweeping failed')
    }
  }

  /**
   * Takes some blobs away that nothing refers to. Each is locked first and looked at again then: whoever stores the same
   * bytes meanwhile waits for the lock, and finds the blob gone or kept, never half.
   * @returns whether there may be more
   */
  private async freeBlobs(): Promise<boolean> {
    return this.sequelize.transaction(async (transaction) => {
      const found = await this.sequelize.query<{ sha256: string }>(
        `select sha256 from blobs where stored_at < now() - make_interval(secs => :seconds) and ${UNUSED}
         limit ${BATCH} for update skip locked`,
        { replacements: { seconds: this.times.blobSeconds }, type: QueryTypes.SELECT, transaction },
      )
      if (found.length === 0) return false
      await this.sequelize.query(`delete from blobs where sha256 in (:found) and ${UNUSED}`, {
        replacements: { found: found.map(({ sha256 }) => sha256) },
        transaction,
      })
      return found.length === BATCH
    })
  }

  /**
   * Lets go of log entries older than both limits, as far as a snapshot holds what they did, and of snapshots that are
   * neither among the last three of their project nor kept by a version.
   */
  private async pruneLogs() {
    const { logDays, logChanges } = this.times
    await this.run(
      `delete from changes c using projects p
       where p.id = c.project_id and c.revision <= p.revision - :logChanges
         and c.created_at < now() - make_interval(days => :logDays)
         and c.revision <= (select max(s.revision) from snapshots s where s.project_id = c.project_id)`,
      { logDays, logChanges },
    )
    await this.run(
      `delete from snapshots s
       where (select count(*) from snapshots later where later.project_id = s.project_id and later.revision > s.revision) >= 3
         and not exists (select 1 from versions v where v.project_id = s.project_id and v.revision = s.revision)`,
      {},
    )
  }

  private run(sql: string, replacements: Record<string, unknown>) {
    return this.sequelize.query(sql, { replacements })
  }
}
