import { gunzipSync, gzipSync } from 'node:zlib'
import { Op, type Transaction } from 'sequelize'
import { applyChange } from '@nolvex/core/document/apply'
import { migrate } from '@nolvex/core/document/migrate'
import type { Documents } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { ChangeRow, SnapshotRow } from './changeModel'

/** A project's documents at a revision. */
export interface ProjectState {
  revision: number
  documents: Documents
}

const SNAPSHOT_EVERY = 500
const KEPT_CHANGES = 10_000
const KEPT_DAYS = 90

/**
 * The latest states this process has seen. Keyed by revision: what another process added since is applied on top, so
 * any number of processes may serve one database.
 */
export class ProjectStates {
  private states = new Map<string, ProjectState>()
  private static readonly MOST = 50

  /** The documents at `revision`, from the nearest state known and the log. */
  async at(projectId: string, revision: number, transaction?: Transaction): Promise<ProjectState> {
    const known = this.states.get(projectId)
    const start =
      known && known.revision <= revision ? known : await this.fromSnapshot(projectId, revision, transaction)
    const rows = await ChangeRow.findAll({
      where: { projectId, revision: { [Op.gt]: start.revision, [Op.lte]: revision } },
      order: ['revision'],
      transaction,
    })
    let { documents } = start
    for (const { parts, outcomes } of rows) {
      if (!outcomes.some(({ result }) => result === 'refused'))
        documents = applyChange(documentKinds, documents, parts).documents
    }
    const state = { revision, documents }
    this.keep(projectId, state)
    return state
  }

  /** Remembers a state that has been committed. */
  keep(projectId: string, state: ProjectState) {
    const known = this.states.get(projectId)
    if (known && known.revision > state.revision) return
    this.states.delete(projectId)
    this.states.set(projectId, state)
    if (this.states.size > ProjectStates.MOST) this.states.delete(this.states.keys().next().value as string)
  }

  forget(projectId: string) {
    this.states.delete(projectId)
  }

  private async fromSnapshot(
    projectId: string,
    revision: number,
    transaction?: Transaction,
  ): Promise<ProjectState> {
    const row = await SnapshotRow.findOne({
      where: { projectId, revision: { [Op.lte]: revision } },
      order: [['revision', 'DESC']],
      transaction,
    })
    if (!row) return { revision: 0, documents: {} }
    const documents = JSON.parse(gunzipSync(row.body).toString()) as Documents
    const migrated = Object.entries(documents).map(([id, document]) => [id, migrate(documentKinds, document)])
    return { revision: row.revision, documents: Object.fromEntries(migrated) as Documents }
  }
}

/** Packs the documents every so many changes, and lets go of log entries that are both old and many. */
export async function snapshotWhenDue(
  projectId: string,
  state: ProjectState,
  transaction: Transaction,
): Promise<void> {
  if (state.revision % SNAPSHOT_EVERY !== 0) return
  await writeSnapshot(projectId, state, transaction)
  const { sequelize } = SnapshotRow
  await sequelize?.query(
    `delete from changes where project_id = :projectId and revision <= :revision
     and created_at < now() - make_interval(days => ${KEPT_DAYS})`,
    { replacements: { projectId, revision: state.revision - KEPT_CHANGES }, transaction },
  )
}

export async function writeSnapshot(
  projectId: string,
  state: ProjectState,
  transaction: Transaction,
): Promise<void> {
  const body = gzipSync(JSON.stringify(state.documents))
  await SnapshotRow.upsert({ projectId, revision: state.revision, body }, { transaction })
}
