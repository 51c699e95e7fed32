import { Router } from 'express'
import type { Sequelize } from 'sequelize'
import { z } from 'zod'
import { writeSnapshot, type ProjectStates } from '../documents/projectState'
import { sendDocuments } from '../documents/documentRoutes'
import { jsonBody } from '../http/jsonBody'
import { Problem } from '../http/problem'
import { ProjectRow } from '../projects/projectModel'
import { findProject, newId } from '../projects/projectService'
import { VersionRow, type Approval } from './versionModel'

const person = z.string().trim().min(1, 'say who approves').max(200)

export const versionBody = z.strictObject({
  name: z.string().trim().min(1, 'give the version a name').max(200),
  note: z.string().trim().max(2000).optional(),
  /** the stage it approves, with who approves it */
  gate: z.strictObject({ stage: z.string().min(1).max(20), by: z.array(person).min(1).max(20) }).optional(),
})

export const approvalBody = z.strictObject({ by: person })

const MOST_VERSIONS = 500

/** Keeping named states of a project and reading them back; a stage approved by named people is such a state. */
export function versionRoutes(sequelize: Sequelize, states: ProjectStates): Router {
  const router = Router()

  router.get('/projects/:project/versions', async (request, response) => {
    const project = await findProject(request.params.project)
    const rows = await VersionRow.findAll({
      where: { projectId: project.id },
      order: [['createdAt', 'DESC']],
    })
    response.json({ versions: rows.map(described) })
  })

  router.post('/projects/:project/versions', jsonBody(), async (request, response) => {
    const { name, note, gate } = versionBody.parse(request.body)
    const approvals = (gate?.by ?? []).map(approval)
    const row = await sequelize.transaction(async (transaction) => {
      const project = await ProjectRow.findByPk(request.params.project, {
        transaction,
        lock: transaction.LOCK.UPDATE,
      })
      if (!project) throw new Problem(404, 'There is no such project. It may have been deleted.')
      const count = await VersionRow.count({ where: { projectId: project.id }, transaction })
      if (count >= MOST_VERSIONS)
        throw new Problem(409, `A project keeps at most ${MOST_VERSIONS} versions. Delete one first.`)
      // A snapshot of its own keeps the version readable when the log no longer reaches back that far.
      await writeSnapshot(project.id, await states.at(project.id, project.revision, transaction), transaction)
      return VersionRow.create(
        {
          id: newId(),
          projectId: project.id,
          revision: project.revision,
          name,
          note,
          stage: gate?.stage,
          approvals,
        },
        { transaction },
      )
    })
    response.status(201).json(described(row))
  })

  router.post('/projects/:project/versions/:version/approvals', jsonBody(), async (request, response) => {
    const { by } = approvalBody.parse(request.body)
    const version = await findVersion(request.params)
    if (!version.stage) throw new Problem(409, 'This version approves no stage.')
    const others = version.approvals.filter(({ name }) => name !== by)
    response.json(described(await version.update({ approvals: [...others, approval(by)] })))
  })

  router.delete('/projects/:project/versions/:version', async (request, response) => {
    await (await findVersion(request.params)).destroy()
    response.status(204).end()
  })

  router.get('/projects/:project/versions/:version/documents', async (request, response) => {
    const version = await findVersion(request.params)
    const { documents } = await states.at(version.projectId, version.revision)
    await sendDocuments(response, described(version), documents)
  })

  return router
}

const approval = (name: string): Approval => ({ name, at: new Date().toISOString(), verified: false })

async function findVersion({ project, version }: { project: string; version: string }): Promise<VersionRow> {
  const found = await VersionRow.findOne({ where: { id: version, projectId: project } })
  if (!found) throw new Problem(404, 'There is no such version. It may have been deleted.')
  return found
}

const described = ({ id, revision, name, note, stage, approvals, createdAt }: VersionRow) => ({
  id,
  revision,
  name,
  note: note ?? undefined,
  stage: stage ?? undefined,
  approvals,
  createdAt,
})
