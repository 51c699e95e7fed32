import express, { Router } from 'express'
import type { Sequelize } from 'sequelize'
import { z } from 'zod'
import { readProjectFile } from '@nolvex/core/formats/projectFile'
import type { ProjectStates } from '../documents/projectState'
import { ProjectRow } from './projectModel'
import { createProject, findProject, startingDocuments } from './projectService'

export const projectBody = z.strictObject({
  name: z.string().trim().min(1, 'give the project a name').max(200),
})

const summary = ({ id, name, revision, createdAt, updatedAt }: ProjectRow) => ({
  id,
  name,
  revision,
  createdAt,
  updatedAt,
})

/** Listing, creating, renaming, deleting and opening projects. */
export function projectRoutes(sequelize: Sequelize, states: ProjectStates): Router {
  const router = Router()

  router.get('/projects', async (_request, response) => {
    const projects = await ProjectRow.findAll({ order: [['updatedAt', 'DESC']] })
    response.json({ projects: projects.map(summary) })
  })

  router.post('/projects', express.json(), async (request, response) => {
    const { name } = projectBody.parse(request.body)
    const project = await createProject(sequelize, { name, documents: startingDocuments(), assets: [] })
    response.status(201).json(summary(project))
  })

  router.post(
    '/projects/open',
    express.raw({ type: 'application/zip', limit: '600mb' }),
    async (request, response) => {
      const file = readProjectFile(new Uint8Array(request.body as Buffer))
      const project = await createProject(sequelize, file)
      response.status(201).json(summary(project))
    },
  )

  router.patch('/projects/:project', express.json(), async (request, response) => {
    const { name } = projectBody.parse(request.body)
    const project = await findProject(request.params.project)
    response.json(summary(await project.update({ name })))
  })

  router.delete('/projects/:project', async (request, response) => {
    const project = await findProject(request.params.project)
    await project.destroy()
    states.forget(project.id)
    response.status(204).end()
  })

  return router
}
