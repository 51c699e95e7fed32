import express, { Router, type Response } from 'express'
import { strToU8, zipSync } from 'fflate'
import { sitemapFiles } from '@nolvex/core/formats/sitemapXml'
import { projectFileOf } from './projectExport'
import type { SiteDocument } from '@nolvex/core/site/site'
import { pathFromTitle } from '@nolvex/core/site/address'
import { wholeBlob } from '../assets/blobs'
import type { ProjectStates } from '../documents/projectState'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'
import { exportSchema, JobRow, type ExportInput } from './jobModel'
import type { JobRunner } from './jobRunner'

const TYPES = {
  svg: { type: 'image/svg+xml', ending: 'svg' },
  png: { type: 'image/png', ending: 'png' },
  pdf: { type: 'application/pdf', ending: 'pdf' },
  zip: { type: 'application/zip', ending: 'zip' },
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
    const { name, documents } = await stateOf(states, job.projectId)
    const bytes = await wholeBlob(job.result)
    // A map of several sheets comes as a zip of pictures.
    const isZip = bytes.subarray(0, 2).toString() === 'PK'
    const file = fileOf(job.input, name, documents.site as unknown as SiteDocument, isZip)
    download(response, file.name, file.type)
    response.send(bytes)
  })

  router.get('/projects/:project/sitemap.xml', async (request, response) => {
    const { name, documents } = await stateOf(states, request.params.project)
    const { pages, settings } = (documents.site as unknown as SiteDocument).records
    const files = sitemapFiles(pages, settings.site.address ?? 'https://www.example.com')
    const base = `${pathFromTitle(name) || 'site'}-sitemap`
    if (files.length === 1) {
      download(response, `${base}.xml`, 'application/xml')
      return void response.send(files[0].xml)
    }
    download(response, `${base}.zip`, TYPES.zip.type)
    response.send(
      Buffer.from(zipSync(Object.fromEntries(files.map((file) => [file.name, strToU8(file.xml)])))),
    )
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

/** The name and type an export is downloaded under. */
function fileOf(input: ExportInput, project: string, site: SiteDocument, isZip: boolean) {
  if (input.format === 'map' || input.format === 'grid') {
    const { type, ending } = TYPES[isZip ? 'zip' : input.file]
    return {
      name: `${pathFromTitle(project) || 'site'}-${input.format}-${input.paper.toLowerCase()}.${ending}`,
      type,
    }
  }
  const { type, ending } = TYPES[input.format === 'html' ? 'zip' : input.format]
  const size = input.format === 'html' ? '' : `-${input.width}${input.scale === 2 ? '@2x' : ''}`
  const title = site.records.pages[input.page]?.title ?? ''
  return { name: `${pathFromTitle(title) || 'page'}${size}.${ending}`, type }
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
