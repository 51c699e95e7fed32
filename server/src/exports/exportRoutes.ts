import { Readable } from 'node:stream'
import express, { Router, type Response } from 'express'
import { projectFileOf } from './projectExport'
import { sitemapXml } from '@nolvex/core/formats/sitemapXml'
import type { SiteDocument } from '@nolvex/core/site/site'
import { pathFromTitle } from '@nolvex/core/site/address'
import { readBlob } from '../assets/blobs'
import type { ProjectStates } from '../documents/projectState'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'
import { exportSchema, JobRow, type ExportInput } from './jobModel'
import type { JobRunner } from './jobRunner'

const TYPES: Record<ExportInput['format'], { type: string; ending: string }> = {
  svg: { type: 'image/svg+xml', ending: 'svg' },
  png: { type: 'image/png', ending: 'png' },
  html: { type: 'application/zip', ending: 'zip' },
}

/** What leaves a project: pages as files, its sitemap.xml, and the project itself. */
export function exportRoutes(states: ProjectStates, runner: JobRunner): Router {
  const router = Router()

  router.post('/projects/:project/exports', express.json(), async (request, response) => {
    const project = await findProject(request.params.project)
    const input = exportSchema.parse(request.body)
    const job = await JobRow.create({ id: newId(), projectId: project.id, input })
    void runner.run()
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
    const { documents } = await stateOf(states, job.projectId)
    const page = (documents.site as unknown as SiteDocument).records.pages[job.input.page]
    const { type, ending } = TYPES[job.input.format]
    const size = job.input.format === 'html' ? '' : `-${job.input.width}${job.input.scale === 2 ? '@2x' : ''}`
    download(response, `${pathFromTitle(page?.title ?? '') || 'page'}${size}.${ending}`, type)
    Readable.from(readBlob(job.result)).pipe(response)
  })

  router.get('/projects/:project/sitemap.xml', async (request, response) => {
    const { name, documents } = await stateOf(states, request.params.project)
    const { pages, settings } = (documents.site as unknown as SiteDocument).records
    download(response, `${pathFromTitle(name) || 'site'}-sitemap.xml`, 'application/xml')
    response.send(sitemapXml(pages, settings.site.address ?? 'https://www.example.com'))
  })

  router.get('/projects/:project/file', async (request, response) => {
    const { id, name, documents } = await stateOf(states, request.params.project)
    download(response, `${pathFromTitle(name) || 'project'}.nolvex.zip`, 'application/zip')
    response.send(Buffer.from(await projectFileOf(id, name, documents)))
  })

  return router
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

const described = ({ id, input, state, error }: JobRow) => ({
  id,
  ...input,
  state,
  error: error ?? undefined,
})

function download(response: Response, name: string, type: string) {
  response.attachment(name).setHeader('content-type', type)
}
