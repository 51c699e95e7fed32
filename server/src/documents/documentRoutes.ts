import express, { Router } from 'express'
import { Op, type Sequelize } from 'sequelize'
import { readChange } from '@nolvex/core/document/schemas'
import { Problem } from '../http/problem'
import { findProject } from '../projects/projectService'
import { ChangeRow, loggedChange } from './changeModel'
import { commitChange } from './commitChange'
import type { ProjectStates } from './projectState'

const LARGEST_CHANGE = '1mb'

/** Reading a project's documents and log, and committing changes. */
export function documentRoutes(sequelize: Sequelize, states: ProjectStates): Router {
  const router = Router()

  router.get('/projects/:project/documents', async (request, response) => {
    const project = await findProject(request.params.project)
    const { revision, documents } = await states.at(project.id, project.revision)
    response.json({ id: project.id, name: project.name, revision, documents })
  })

  router.get('/projects/:project/changes', async (request, response) => {
    const project = await findProject(request.params.project)
    const since = Number(request.query.since)
    if (!Number.isInteger(since) || since < 0) throw new Problem(422, 'since: name a revision.')
    const rows = await ChangeRow.findAll({
      where: { projectId: project.id, revision: { [Op.gt]: since } },
      order: ['revision'],
    })
    if (rows.length < project.revision - since)
      throw new Problem(410, 'The log no longer reaches back that far.')
    response.json({ changes: rows.map(loggedChange) })
  })

  router.post(
    '/projects/:project/changes',
    express.json({ limit: LARGEST_CHANGE }),
    async (request, response) => {
      const change = readChange(request.body)
      response.json(await commitChange(sequelize, states, request.params.project, change))
    },
  )

  return router
}
