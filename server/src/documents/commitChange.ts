import type { Sequelize, Transaction } from 'sequelize'
import { applyChange, type Applied } from '@nolvex/core/document/apply'
import { markedParts, migratedParts, UnknownSchema } from '@nolvex/core/document/migrate'
import { editsText, transformPair } from '@nolvex/core/document/rebase'
import type { Change, ChangePart, LoggedChange } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { Problem } from '../http/problem'
import { ProjectRow } from '../projects/projectModel'
import { loggedChanges, logSize } from './changeLog'
import { broughtUp, ChangeRow, LOG_SCHEMA, loggedChange } from './changeModel'
import { snapshotWhenDue, type ProjectStates } from './projectState'

/** The channel on which processes tell one another of new revisions. */
export const CHANNEL = 'nolvex_changes'

/**
 * Commits a change at the head of a project: all of it or nothing, under the next revision, logged with its inverse.
 * A change that was committed before gets its first answer.
 * @throws Problem 404 when there is no such project, 409 when the base is ahead of the head
 */
export async function commitChange(
  sequelize: Sequelize,
  states: ProjectStates,
  projectId: string,
  change: Change,
): Promise<LoggedChange> {
  try {
    return await sequelize.transaction((transaction) =>
      commitIn(sequelize, transaction, states, projectId, change),
    )
  } catch (error) {
    // A state kept for a commit that was rolled back must not be built upon.
    states.forget(projectId)
    throw error
  }
}

async function commitIn(
  sequelize: Sequelize,
  transaction: Transaction,
  states: ProjectStates,
  projectId: string,
  change: Change,
): Promise<LoggedChange> {
  const project = await ProjectRow.findByPk(projectId, { transaction, lock: transaction.LOCK.UPDATE })
  if (!project) throw new Problem(404, 'This project no longer exists.')
  const known = await ChangeRow.findOne({ where: { projectId, id: change.id }, transaction })
  if (known) return loggedChange(broughtUp(known))
  if (change.base > project.revision)
    throw new Problem(409, 'This change names a revision that does not exist yet.')
  const state = await states.at(projectId, project.revision, transaction)
  const made = { ...change, parts: presentParts(change.parts) }
  const { parts, gone } = await carriedToHead(sequelize, projectId, made, project.revision, transaction)
  const applied = gone
    ? refusedForAge(change, state.documents)
    : applyChange(documentKinds, state.documents, parts)
  const revision = project.revision + 1
  const { outcomes } = applied
  const inverse = markedParts(documentKinds, applied.inverse)
  const bytes = Buffer.byteLength(JSON.stringify([parts, inverse, outcomes]))
  const row = await ChangeRow.create(
    {
      ...change,
      parts,
      projectId,
      revision,
      schema: LOG_SCHEMA,
      inverse,
      outcomes,
      bytes,
    },
    { transaction },
  )
  await project.update({ revision }, { transaction })
  const next = { revision, documents: applied.documents, bytes: state.bytes + bytes }
  states.keep(projectId, next)
  await snapshotWhenDue(sequelize, projectId, next, transaction)
  const payload = JSON.stringify({ project: projectId, revision })
  await sequelize.query('select pg_notify(:channel, :payload)', {
    replacements: { channel: CHANNEL, payload },
    transaction,
  })
  return loggedChange(row)
}

/** Parts of a change as a tab sent them, which may have been opened before the server was brought up. */
function presentParts(parts: ChangePart[]): ChangePart[] {
  try {
    return migratedParts(documentKinds, parts)
  } catch (error) {
    if (!(error instanceof UnknownSchema)) throw error
    throw new Problem(
      409,
      `${error.message} The server is older than this page: ask for it to be brought up.`,
    )
  }
}

/** Text edits of a stale change, transformed over those logged since its base. */
async function carriedToHead(
  sequelize: Sequelize,
  projectId: string,
  { base, parts }: Change,
  head: number,
  transaction: Transaction,
): Promise<{ parts: ChangePart[]; gone: boolean }> {
  if (base === head || !editsText(parts)) return { parts, gone: false }
  const range = { project: projectId, after: base, upTo: head }
  const { changes } = await logSize(sequelize, range, transaction)
  if (changes < head - base) return { parts, gone: true }
  let carried = parts
  for await (const since of loggedChanges(sequelize, range, { transaction, onlyEdits: true }))
    for (const { parts: earlier, outcomes } of since)
      if (!outcomes.some(({ result }) => result === 'refused'))
        carried = transformPair(earlier, carried).second
  return { parts: carried, gone: false }
}

function refusedForAge({ parts }: Change, documents: Applied['documents']): Applied {
  const reason =
    'it edits a text as it was too long ago; copy the words from here and edit the text as it is now'
  const [{ document, operations }] = parts
  const { collection, id } = operations[0]
  return {
    documents,
    inverse: [],
    refused: true,
    outcomes: [{ result: 'refused', document, collection, id, reason }],
  }
}
