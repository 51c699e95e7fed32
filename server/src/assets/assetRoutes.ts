import { Readable } from 'node:stream'
import express, { Router } from 'express'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'
import { AssetRow } from './assetModels'
import { storeAsset } from './assetService'
import { readBlob } from './blobs'
import { LARGEST_PICTURE } from './checkPicture'

const LONGEST_NAME = 300

/** Adding pictures and files to a project and serving them. */
export function assetRoutes(): Router {
  const router = Router()

  router.get('/projects/:project/assets', async (request, response) => {
    const project = await findProject(request.params.project)
    const assets = await AssetRow.findAll({ where: { projectId: project.id }, order: ['createdAt'] })
    response.json({ assets: assets.map(described) })
  })

  router.post(
    '/projects/:project/assets',
    express.raw({ type: () => true, limit: LARGEST_PICTURE }),
    async (request, response) => {
      const project = await findProject(request.params.project)
      const name = String(request.query.name ?? 'picture').slice(0, LONGEST_NAME)
      const bytes = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0)
      const mayBeFile = request.query.as === 'file'
      const asset = await storeAsset(project.id, { id: newId(), name, bytes }, { mayBeFile })
      response.status(201).json(described(asset))
    },
  )

  router.get('/projects/:project/assets/:asset', async (request, response) => {
    const asset = await AssetRow.findOne({
      where: { projectId: request.params.project, id: request.params.asset },
    })
    if (!asset) throw new Problem(404, 'There is no such picture in this project.')
    // What a stranger made is only ever a picture: it can run nothing, fetch nothing and be framed nowhere.
    response.setHeader('content-type', asset.type)
    response.setHeader(
      'content-security-policy',
      "sandbox; default-src 'none'; style-src 'unsafe-inline'; img-src data:",
    )
    if (!asset.type.startsWith('image/'))
      response.attachment(asset.name).setHeader('content-type', asset.type)
    response.setHeader('cache-control', 'private, max-age=31536000, immutable')
    Readable.from(readBlob(asset.sha256)).pipe(response)
  })

  return router
}

const described = ({ id, name, type, width, height }: AssetRow) => ({ id, name, type, width, height })
