import { Op, type Sequelize, type Transaction } from 'sequelize'
import { applyChange } from '@nolvex/core/document/apply'
import { migrate } from '@nolvex/core/document/migrate'
import type { Documents } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { Problem } from '../http/problem'
import { loggedChanges, logSize } from './changeLog'
import { SnapshotRow } from './changeModel'
import { packDocuments, unpackDocuments } from './packing'

/** A project's documents at a revision. */
export interface ProjectState {
  revision: number
  documents: Documents
  /** of the documents as JSON, about: what the last snapshot had, and what was changed since */
  bytes: number
}

/** A snapshot is due after so many changes, or when the log since the last outgrows it. */
const SNAPSHOT_EVERY = 500
const LEAST_LOG = 1024 * 1024

/**
 * The latest states this process has seen. Keyed by revision: what another process added since is applied on top, so
 * any number of processes may serve one database.
 */
export class ProjectStates {
  private states = new Map<string, ProjectState>()
  /** bytes of JSON that are kept; as objects they take several times as much */
  private static readonly MOST_BYTES = 32 * 1024 * 1024

  constructor(private sequelize: Sequelize) {}

  /** The documents at `revision`, from the nearest state known and the log. */
  async at(projectId: string, revision: number, transaction?: Transaction): Promise<ProjectState> {
    const known = this.states.get(projectId)
    const start =
      known && known.revision <= revision ? known : await this.fromSnapshot(projectId, revision, transaction)
    let { documents, bytes } = start
    const range = { project: projectId, after: start.revision, upTo: revision }
    for await (const rows of loggedChanges(this.sequelize, range, { transaction }))
      for (const { parts, outcomes, bytes: added } of rows) {
        bytes += added
        if (!outcomes.some(({ result }) => result === 'refused'))
          documents = applyChange(documentKinds, documents, parts).documents
      }
    const state = { revision, documents, bytes }
    this.keep(projectId, state)
    return state
  }

  /** Remembers a state that has been committed. */
  keep(projectId: string, state: ProjectState) {
    const known = this.states.get(projectId)
    if (known && known.revision > state.revision) return
    this.states.delete(projectId)
    this.states.set(projectId, state)
    let total = [...this.states.values()].reduce((sum, { bytes }) => sum + bytes, 0)
    for (const [id, { bytes }] of this.states) {
      if (total <= ProjectStates.MOST_BYTES || id === projectId) break
      this.states.delete(id)
      total -= bytes
    }
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
    if (!row) throw new Problem(410, 'This project is no longer known as it was then.')
    const documents = await unpackDocuments(row.body)
    const migrated = Object.entries(documents).map(([id, document]) => [id, migrate(documentKinds, document)])
    return {
      revision: row.revision,
      documents: Object.fromEntries(migrated) as Documents,
      bytes: row.bytes ?? row.body.length * 8,
    }
  }
}

/** Packs the documents when so much was changed since they were packed last. */
export async function snapshotWhenDue(
  sequelize: Sequelize,
  projectId: string,
  state: ProjectState,
  transaction: Transaction,
): Promise<void> {
  const last = await SnapshotRow.findOne({
    attributes: ['revision', 'bytes'],
    where: { projectId },
    order: [['revision', 'DESC']],
    transaction,
  })
  const range = { project: projectId, after: last?.revision ?? 0, upTo: state.revision }
  const log = await logSize(sequelize, range, transaction)
  if (log.changes >= SNAPSHOT_EVERY || log.bytes > Math.max(LEAST_LOG, last?.bytes ?? 0))
    await writeSnapshot(projectId, state, transaction)
}

export async function writeSnapshot(
  projectId: string,
  { revision, documents }: ProjectState,
  transaction: Transaction,
): Promise<void> {
  await SnapshotRow.upsert({ projectId, revision, ...(await packDocuments(documents)) }, { transaction })
}
