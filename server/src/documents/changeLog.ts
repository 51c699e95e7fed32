import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { broughtUp, ChangeRow } from './changeModel'

/** Bytes of logged changes that are held in memory at once; a change that is larger comes alone. */
const BATCH_BYTES = 2 * 1024 * 1024
const BATCH_ROWS = 250

/** A tab, or a request, that is farther behind than this begins anew from a snapshot. */
export const MOST_BEHIND = { changes: 1000, bytes: 8 * 1024 * 1024 }

const batch = (condition: string) => `
  select * from (
    select c.*, sum(bytes) over (order by revision) - bytes as before
    from (
      select * from changes
      where project_id = :project and revision > :after and revision <= :upTo ${condition}
      order by revision limit ${BATCH_ROWS}
    ) c
  ) summed where before < ${BATCH_BYTES} order by revision`
const ALL = batch('')
const EDITS = batch(`and parts @@ '$[*].operations[*].type == "edit"'`)

interface Range {
  project: string
  /** revision the first change follows */
  after: number
  /** revision of the last change wanted */
  upTo: number
}

/**
 * Logged changes in order, so many at a time that they never take much memory.
 * @param onlyEdits leaves out those that edit no text
 */
export async function* loggedChanges(
  sequelize: Sequelize,
  { project, after, upTo }: Range,
  { transaction, onlyEdits = false }: { transaction?: Transaction; onlyEdits?: boolean } = {},
): AsyncGenerator<ChangeRow[]> {
  for (let from = after; from < upTo;) {
    const rows = await sequelize.query(onlyEdits ? EDITS : ALL, {
      replacements: { project, after: from, upTo },
      model: ChangeRow,
      mapToModel: true,
      transaction,
    })
    if (rows.length === 0) return
    yield rows.map(broughtUp)
    from = rows[rows.length - 1].revision
  }
}

/** How many changes the log has between two revisions, and their bytes. */
export async function logSize(
  sequelize: Sequelize,
  { project, after, upTo }: Range,
  transaction?: Transaction,
): Promise<{ changes: number; bytes: number }> {
  const [{ changes, bytes }] = await sequelize.query<{ changes: string; bytes: string }>(
    `select count(*) as changes, coalesce(sum(bytes), 0) as bytes from changes
     where project_id = :project and revision > :after and revision <= :upTo`,
    { replacements: { project, after, upTo }, type: QueryTypes.SELECT, transaction },
  )
  return { changes: Number(changes), bytes: Number(bytes) }
}

/** Whether a tab at `after` cannot be told all that has happened since: it is too much, or the log was cut. */
export async function isTooFarBehind(sequelize: Sequelize, range: Range): Promise<boolean> {
  if (range.after > range.upTo || range.upTo - range.after > MOST_BEHIND.changes) return true
  const { changes, bytes } = await logSize(sequelize, range)
  return changes < range.upTo - range.after || bytes > MOST_BEHIND.bytes
}
