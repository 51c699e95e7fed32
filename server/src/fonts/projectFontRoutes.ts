import { join } from 'node:path'
import { Router } from 'express'
import type { Sequelize } from 'sequelize'
import { mendText } from '@nolvex/core/document/wellFormed'
import { cutText } from '@nolvex/core/text/cutText'
import { AssetRow } from '../assets/assetModels'
import { storeBlob } from '../assets/blobs'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import { bodyToFile } from '../http/fileBody'
import { Problem } from '../http/problem'
import { findProject, newId } from '../projects/projectService'

const LONGEST_NAME = 300
/** Bytes a font file may have; one of all the world's scripts has more, and no page wants it. */
const LARGEST_FONT = 8 * 1024 * 1024
/** What reading one font may take. */
const LIMITS = { seconds: 30, megabytes: 900 }

/** Taking in a project's own fonts: each file becomes one for each of its weights, ready to set text in. */
export function projectFontRoutes(sequelize: Sequelize, children: Children): Router {
  const router = Router()
  router.post('/projects/:project/fonts', async (request, response) => {
    const project = await findProject(request.params.project)
    const name = cutText(mendText(String(request.query.name ?? 'font')), LONGEST_NAME)
    const taken = await inWorkFolder(async (folder) => {
      const size = await bodyToFile(request, join(folder, 'upload'), LARGEST_FONT)
      if (size === 0) throw new Problem(422, `“${name}” is empty.`)
      const { family, licence, files } = await children.run(
        'readFont',
        folder,
        { name, file: 'upload' },
        LIMITS,
      )
      const stored = []
      for (const { file, weight, italic, type } of files) {
        const sha256 = await storeBlob(sequelize, join(folder, file))
        const own = { id: newId(), name: `${family} ${weight}${italic ? ' italic' : ''}`, type }
        await AssetRow.create({ projectId: project.id, sha256, ...own, width: 0, height: 0 })
        stored.push({ asset: own.id, weight, italic })
      }
      return { family, licence, files: stored }
    })
    response.status(201).json(taken)
  })
  return router
}
