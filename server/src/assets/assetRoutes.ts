import { createReadStream } from 'node:fs'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { Router } from 'express'
import type { Sequelize } from 'sequelize'
import { mendText } from '@nolvex/core/document/wellFormed'
import { cutText } from '@nolvex/core/text/cutText'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import { bodyToFile } from '../http/fileBody'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'
import type { ProjectStates } from '../documents/projectState'
import { AssetRow, BlobRow } from './assetModels'
import { storeAsset } from './assetService'
import { LARGEST_PICTURE } from './checkPicture'
import { deleteAsset } from './deleteAsset'
import { SCALED_WIDTHS, ScaledPictures } from './scaledPictures'
import { sendBlob } from './sendBlob'

const LONGEST_NAME = 300

/** Adding pictures and files to a project, serving them, taking them out. @param freed is told when bytes may be free */
export function assetRoutes(
  sequelize: Sequelize,
  states: ProjectStates,
  children: Children,
  freed: () => void,
): Router {
  const router = Router()
  const scaled = new ScaledPictures(children)

  router.get('/projects/:project/assets', async (request, response) => {
    const project = await findProject(request.params.project)
    const assets = await AssetRow.findAll({ where: { projectId: project.id }, order: ['createdAt'] })
    const sizes = await BlobRow.findAll({ where: { sha256: assets.map(({ sha256 }) => sha256) } })
    const sizeOf = new Map(sizes.map(({ sha256, size }) => [sha256, size]))
    response.json({
      assets: assets.map((asset) => ({ ...described(asset), bytes: sizeOf.get(asset.sha256) ?? 0 })),
    })
  })

  router.post('/projects/:project/assets', async (request, response) => {
    const project = await findProject(request.params.project)
    const name = cutText(mendText(String(request.query.name ?? 'picture')), LONGEST_NAME)
    const mayBeFile = request.query.as === 'file'
    const { asset, convertedFrom } = await inWorkFolder(async (folder) => {
      const size = await bodyToFile(request, join(folder, 'upload'), LARGEST_PICTURE)
      if (size === 0) throw new Problem(422, `“${name}” is empty.`)
      const given = { id: newId(), name, file: 'upload' }
      return storeAsset(sequelize, children, project.id, folder, given, mayBeFile)
    })
    response.status(201).json({ ...described(asset), convertedFrom })
  })

  router.get('/projects/:project/assets/:asset', async (request, response) => {
    const asset = await findAsset(request.params)
    const { type, name, sha256 } = asset
    // What a stranger made is only ever a picture: it can run nothing, fetch nothing and be framed nowhere.
    response.setHeader('content-type', type)
    response.setHeader(
      'content-security-policy',
      "sandbox; default-src 'none'; style-src 'unsafe-inline'; img-src data:",
    )
    if (!type.startsWith('image/')) response.attachment(name).setHeader('content-type', type)
    response.setHeader('cache-control', 'private, max-age=31536000, immutable')
    const most = SCALED_WIDTHS.find((width) => String(width) === request.query.most)
    const scaling = most && scaled.has(asset, most) ? scaled.path(sha256, most) : undefined
    // What cannot be scaled is sent as it is.
    const path = await scaling?.catch((error: unknown) => {
      request.log.warn({ err: error }, `“${name}” could not be scaled`)
    })
    if (!path) return sendBlob(sequelize, response, sha256, name)
    response.setHeader('content-type', 'image/webp')
    await pipeline(createReadStream(path), response)
  })

  router.delete('/projects/:project/assets/:asset', async (request, response) => {
    await deleteAsset(sequelize, states, await findAsset(request.params))
    freed()
    response.status(204).end()
  })

  return router
}

async function findAsset({ project, asset }: { project: string; asset: string }): Promise<AssetRow> {
  const found = await AssetRow.findOne({ where: { projectId: project, id: asset } })
  if (!found) throw new Problem(404, 'There is no such picture in this project.')
  return found
}

const described = ({ id, name, type, width, height }: AssetRow) => ({ id, name, type, width, height })
