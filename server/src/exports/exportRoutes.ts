import { createReadStream } from 'node:fs'
import { stat } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { Router, type Response } from 'express'
import type { Sequelize } from 'sequelize'
import type { SiteDocument } from '@nolvex/core/site/site'
import { pathFromTitle } from '@nolvex/core/site/address'
import { AssetRow } from '../assets/assetModels'
import { blobStart } from '../assets/blobs'
import { sendBlob } from '../assets/sendBlob'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import type { ProjectStates } from '../documents/projectState'
import { jsonBody } from '../http/jsonBody'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'
import { exportSchema, JobRow, type ExportInput } from './jobModel'
import type { JobRunner } from './jobRunner'
import { assetsInto, documentsInto } from './sourceFiles'

const TYPES = {
  svg: { type: 'image/svg+xml', ending: 'svg' },
  png: { type: 'image/png', ending: 'png' },
  pdf: { type: 'application/pdf', ending: 'pdf' },
  zip: { type: 'application/zip', ending: 'zip' },
  xml: { type: 'application/xml', ending: 'xml' },
  html: { type: 'text/html; charset=utf-8', ending: 'html' },
}

/** Exports of one project that wait or run at once. */
const MOST_JOBS = 20
/** What writing a project file or a sitemap may take. */
const WRITE_LIMITS = { seconds: 60, megabytes: 1800 }

/** What leaves a project: pages as files, its sitemap.xml, and the project itself. */
export function exportRoutes(
  sequelize: Sequelize,
  states: ProjectStates,
  runner: JobRunner,
  children: Children,
): Router {
  const router = Router()

  router.post('/projects/:project/exports', jsonBody(), async (request, response) => {
    const project = await findProject(request.params.project)
    const input = exportSchema.parse(request.body)
    const open = await JobRow.count({ where: { projectId: project.id, state: ['waiting', 'running'] } })
    if (open >= MOST_JOBS)
      throw new Problem(
        429,
        `${MOST_JOBS} exports of this project wait already. Wait for one, or cancel one.`,
      )
    const job = await JobRow.create({ id: newId(), projectId: project.id, input })
    runner.run()
    response.status(202).json(described(job))
  })

  router.get('/projects/:project/exports/:job', async (request, response) => {
    response.json(described(await findJob(request.params)))
  })

  router.delete('/projects/:project/exports/:job', async (request, response) => {
    const job = await findJob(request.params)
    await runner.cancel(job.id)
    response.json(described(await job.reload()))
  })

  router.get('/projects/:project/exports/:job/file', async (request, response) => {
    const job = await findJob(request.params)
    if (!job.result) throw new Problem(409, 'This export is not done yet.')
    const { name, documents } = await stateOf(states, job.projectId)
    // A map of several sheets comes as a zip of pictures.
    const isZip = (await blobStart(job.result, 2)).toString('latin1') === 'PK'
    const file = fileOf(job.input, name, documents.site as unknown as SiteDocument, isZip)
    download(response, file.name, file.type)
    await sendBlob(sequelize, response, job.result, file.name)
  })

  router.get('/projects/:project/sitemap.xml', async (request, response) => {
    const { name, documents } = await stateOf(states, request.params.project)
    await inWorkFolder(async (folder) => {
      await documentsInto(folder, { site: documents.site })
      const { ending } = await children.run('writeSitemap', folder, {}, WRITE_LIMITS)
      download(response, `${pathFromTitle(name) || 'site'}-sitemap.${ending}`, TYPES[ending].type)
      await sendFile(response, join(folder, 'result'))
    })
  })

  router.get('/projects/:project/file', async (request, response) => {
    const { id, name, documents } = await stateOf(states, request.params.project)
    const rows = await AssetRow.findAll({ where: { projectId: id }, order: ['id'] })
    await inWorkFolder(async (folder) => {
      await documentsInto(folder, documents)
      const assets = (await assetsInto(folder, rows)).map(({ asset, file }) => {
        return { id: asset.id, name: asset.name, type: asset.type, file }
      })
      await children.run('writeProject', folder, { name, assets }, WRITE_LIMITS)
      download(response, `${pathFromTitle(name) || 'project'}.nolvex.zip`, TYPES.zip.type)
      await sendFile(response, join(folder, 'result'))
    })
  })

  return router
}

async function sendFile(response: Response, file: string): Promise<void> {
  response.setHeader('content-length', (await stat(file)).size)
  // Who leaves before the end is answered no more.
  await pipeline(createReadStream(file), response).catch(() => response.destroy())
}

async function stateOf(states: ProjectStates, id: string) {
  const project = await findProject(id)
  return { ...(await states.at(project.id, project.revision)), id: project.id, name: project.name }
}

async function findJob({ project, job }: { project: string; job: string }): Promise<JobRow> {
  const found = await JobRow.findOne({ where: { id: job, projectId: project } })
  if (!found) throw new Problem(404, 'There is no such export.')
  return found
}

/** The name and type an export is downloaded under. */
function fileOf(input: ExportInput, project: string, site: SiteDocument, isZip: boolean) {
  if (input.format === 'map' || input.format === 'grid' || input.format === 'guide') {
    const { type, ending } = TYPES[isZip || input.file === 'html' ? 'zip' : input.file]
    return {
      name: `${pathFromTitle(project) || 'site'}-${input.format}-${input.paper.toLowerCase()}.${ending}`,
      type,
    }
  }
  if (input.format === 'board') {
    const { type, ending } = TYPES[input.file]
    const name = site.records.boards[input.board]?.name ?? ''
    const size = input.file === 'png' && input.scale !== 1 ? `@${input.scale}x` : ''
    return { name: `${pathFromTitle(name) || 'board'}${size}.${ending}`, type }
  }
  if (input.format === 'pack') {
    const { type, ending } = TYPES[input.file === 'pdf' ? 'pdf' : 'zip']
    return { name: `${pathFromTitle(project) || 'site'}-${input.file}.${ending}`, type }
  }
  if (input.format === 'review') {
    const { type, ending } = TYPES[input.file]
    return { name: `${pathFromTitle(project) || 'site'}-review.${ending}`, type }
  }
  const { type, ending } = TYPES[input.format === 'html' ? 'zip' : input.format]
  const size = input.format === 'html' ? '' : `-${input.width}${input.scale > 1 ? `@${input.scale}x` : ''}`
  const title = site.records.pages[input.page]?.title ?? ''
  return { name: `${pathFromTitle(title) || 'page'}${size}.${ending}`, type }
}

const described = ({ id, input, state, error, progress }: JobRow) => ({
  id,
  ...input,
  state,
  progress,
  error: error ?? undefined,
})

function download(response: Response, name: string, type: string) {
  response.attachment(name).setHeader('content-type', type)
}
