import { join } from 'node:path'
import { Router } from 'express'
import type { Sequelize } from 'sequelize'
import { z } from 'zod'
import { projectOverview } from '@nolvex/core/review/overview'
import { profileSchema } from '@nolvex/core/site/site'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import type { ProjectStates } from '../documents/projectState'
import { bodyToFile } from '../http/fileBody'
import { jsonBody } from '../http/jsonBody'
import { ProjectRow } from './projectModel'
import { copyProject, createProject, findProject, openProjectFile } from './projectService'

/** Bytes a project file may have. */
export const LARGEST_PROJECT_FILE = 600 * 1024 * 1024

export const projectBody = z.strictObject({
  name: z.string().trim().min(1, 'give the project a name').max(200),
})
export const newProjectBody = projectBody.extend({
  /** the stages it goes through; all of them where nothing is said */
  profile: profileSchema.optional(),
})

const summary = ({ id, name, revision, createdAt, updatedAt }: ProjectRow) => ({
  id,
  name,
  revision,
  createdAt,
  updatedAt,
})

/** Listing, creating, copying, renaming, deleting and opening projects. @param freed is told when bytes may be free */
export function projectRoutes(
  sequelize: Sequelize,
  states: ProjectStates,
  children: Children,
  freed: () => void,
): Router {
  const router = Router()

  router.get('/projects', async (_request, response) => {
    const projects = await ProjectRow.findAll({ order: [['updatedAt', 'DESC']] })
    response.json({ projects: projects.map(summary) })
  })

  router.post('/projects', jsonBody(), async (request, response) => {
    const { name, profile } = newProjectBody.parse(request.body)
    response.status(201).json(summary(await createProject(sequelize, name, { profile })))
  })

  router.post('/projects/:project/copies', async (request, response) => {
    const project = await findProject(request.params.project)
    const { documents } = await states.at(project.id, project.revision)
    response.status(201).json(summary(await copyProject(sequelize, project, documents)))
  })

  router.get('/projects/:project/overview', async (request, response) => {
    const project = await findProject(request.params.project)
    const { documents } = await states.at(project.id, project.revision)
    response.json(projectOverview(documents))
  })

  router.post('/projects/open', async (request, response) => {
    const project = await inWorkFolder(async (folder) => {
      await bodyToFile(request, join(folder, 'upload'), LARGEST_PROJECT_FILE)
      return openProjectFile(sequelize, children, folder)
    })
    response.status(201).json(summary(project))
  })

  router.patch('/projects/:project', jsonBody(), async (request, response) => {
    const { name } = projectBody.parse(request.body)
    const project = await findProject(request.params.project)
    response.json(summary(await project.update({ name })))
  })

  router.delete('/projects/:project', async (request, response) => {
    const project = await findProject(request.params.project)
    await project.destroy()
    states.forget(project.id)
    freed()
    response.status(204).end()
  })

  return router
}
