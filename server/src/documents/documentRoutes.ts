import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { Router, type Response } from 'express'
import type { Sequelize } from 'sequelize'
import { readChange } from '@nolvex/core/document/schemas'
import type { Documents } from '@nolvex/core/document/types'
import { jsonBody } from '../http/jsonBody'
import { Problem } from '../http/problem'
import { findProject } from '../projects/projectService'
import { isTooFarBehind, loggedChanges } from './changeLog'
import { loggedChange } from './changeModel'
import { commitChange } from './commitChange'
import type { ProjectStates } from './projectState'

const LARGEST_CHANGE = '1mb'

/** Reading a project's documents and log, and committing changes. */
export function documentRoutes(sequelize: Sequelize, states: ProjectStates): Router {
  const router = Router()

  router.get('/projects/:project/documents', async (request, response) => {
    const project = await findProject(request.params.project)
    const { revision, documents } = await states.at(project.id, project.revision)
    await sendDocuments(response, { id: project.id, name: project.name, revision }, documents)
  })

  router.get('/projects/:project/changes', async (request, response) => {
    const project = await findProject(request.params.project)
    const since = Number(request.query.since)
    if (!Number.isInteger(since) || since < 0) throw new Problem(422, 'since: name a revision.')
    const range = { project: project.id, after: since, upTo: project.revision }
    if (since < project.revision && (await isTooFarBehind(sequelize, range)))
      throw new Problem(410, 'The log no longer reaches back that far, or has grown too long to be sent.')
    const changes = []
    for await (const rows of loggedChanges(sequelize, range)) changes.push(...rows.map(loggedChange))
    response.json({ changes })
  })

  router.post('/projects/:project/changes', jsonBody(LARGEST_CHANGE), async (request, response) => {
    const change = readChange(request.body)
    response.json(await commitChange(sequelize, states, request.params.project, change))
  })

  return router
}

/** Answers with documents one by one, so that large projects keep nobody waiting. */
export async function sendDocuments(response: Response, head: object, documents: Documents): Promise<void> {
  async function* parts() {
    yield `${JSON.stringify(head).slice(0, -1)},"documents":{`
    let separator = ''
    for (const [id, document] of Object.entries(documents)) {
      yield `${separator}${JSON.stringify(id)}:${JSON.stringify(document)}`
      separator = ','
      await new Promise((resolve) => setImmediate(resolve))
    }
    yield '}}'
  }
  response.type('json')
  // Who leaves before the end is answered no more; nothing else can fail on the way.
  await pipeline(Readable.from(parts()), response).catch(() => response.destroy())
}
