import { jest } from '@jest/globals'
import { createHash, randomBytes } from 'node:crypto'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pino } from 'pino'
import type { Sequelize } from 'sequelize'
import { connect, migrateDatabase } from '../database/connect'
import { defineChanges } from '../documents/changeModel'
import { defineJobs, JobRow } from '../exports/jobModel'
import { defineProjects, ProjectRow } from '../projects/projectModel'
import { createProject } from '../projects/projectService'
import { emptyDatabase } from '../testing/testDatabase'
import { defineVersions } from '../versions/versionModel'
import { AssetRow, BlobChunkRow, BlobRow, defineAssets } from './assetModels'
import { blobStart, incompleteBlobs, readBlob, storeBlob, wholeSize } from './blobs'
import { Sweeper, USUAL_TIMES } from '../database/sweeper'

let sequelize: Sequelize
const folder = mkdtempSync(join(tmpdir(), 'nolvex-blobs-'))

beforeAll(async () => {
  sequelize = connect(await emptyDatabase('blobs'))
  for (const define of [defineProjects, defineChanges, defineAssets, defineJobs, defineVersions])
    define(sequelize)
  await migrateDatabase(sequelize)
})
afterAll(async () => {
  await sequelize.close()
  rmSync(folder, { recursive: true })
})

let count = 0
function fileOf(bytes: Buffer): string {
  const file = join(folder, `file${count++}`)
  writeFileSync(file, bytes)
  return file
}
const read = async (sha256: string) => {
  const parts: Buffer[] = []
  for await (const part of readBlob(sha256)) parts.push(part)
  return Buffer.concat(parts)
}
const MB = 1024 * 1024
const hash = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex')

test.each([
  ['nothing', 0],
  ['a byte', 1],
  ['just under a part', MB - 1],
  ['just a part', MB],
  ['some parts', 3 * MB + 17],
])('%s is stored and read back equal, under its SHA-256', async (_what, size) => {
  const bytes = randomBytes(size)
  const sha256 = await storeBlob(sequelize, fileOf(bytes))
  expect(sha256).toBe(hash(bytes))
  expect((await read(sha256)).equals(bytes)).toBe(true)
  expect(await wholeSize(sequelize, sha256)).toBe(size)
  expect((await blobStart(sha256, 4)).equals(bytes.subarray(0, 4))).toBe(true)
})

test('storing that breaks off leaves nothing', async () => {
  const bytes = randomBytes(2 * MB)
  const create = jest.spyOn(BlobChunkRow, 'upsert')
  create.mockImplementationOnce(
    (...given) => BlobChunkRow.create(given[0] as never, given[1] as never) as never,
  )
  create.mockRejectedValueOnce(new Error('cut off'))
  await expect(storeBlob(sequelize, fileOf(bytes))).rejects.toThrow('cut off')
  create.mockRestore()
  expect(await BlobRow.findByPk(hash(bytes))).toBeNull()
  expect(await BlobChunkRow.count({ where: { sha256: hash(bytes) } })).toBe(0)
})

test.each<[string, (sha256: string) => Promise<unknown>]>([
  ['lacks its end', (sha256) => BlobChunkRow.destroy({ where: { sha256, position: [1, 2] } })],
  ['lacks everything', (sha256) => BlobChunkRow.destroy({ where: { sha256 } })],
  [
    'holds other bytes',
    (sha256) => BlobChunkRow.update({ bytes: randomBytes(MB) }, { where: { sha256, position: 1 } }),
  ],
  ['gives another length', (sha256) => BlobRow.update({ size: 5 }, { where: { sha256 } })],
])('a blob that %s is healed when the same file is stored again', async (_what, spoil) => {
  const bytes = randomBytes(2 * MB + 5)
  const sha256 = await storeBlob(sequelize, fileOf(bytes))
  await spoil(sha256)
  await storeBlob(sequelize, fileOf(bytes))
  expect((await read(sha256)).equals(bytes)).toBe(true)
  expect(await wholeSize(sequelize, sha256)).toBe(bytes.length)
})

test('incomplete blobs are found with the pictures they are of, and never read as if they were whole', async () => {
  const project = await createProject(sequelize, 'Ferries')
  const sha256 = await storeBlob(sequelize, fileOf(randomBytes(2 * MB)))
  const asset = {
    projectId: project.id,
    id: 'asset00000000001',
    name: 'sea.png',
    type: 'image/png' as const,
    width: 1,
    height: 1,
  }
  await AssetRow.create({ ...asset, sha256 })
  expect(await incompleteBlobs(sequelize)).toEqual([])
  await BlobChunkRow.destroy({ where: { sha256, position: 1 } })
  expect(await incompleteBlobs(sequelize)).toEqual([
    { sha256, size: 2 * MB, stored: MB, names: ['sea.png in Ferries'] },
  ])
  expect(await wholeSize(sequelize, sha256)).toBeUndefined()
  await expect(read(sha256)).rejects.toThrow('lacks its part 1')
  await project.destroy()
})

test('the same file stored many times at once is there once', async () => {
  const bytes = randomBytes(MB + 1)
  const stored = await Promise.all(Array.from({ length: 6 }, () => storeBlob(sequelize, fileOf(bytes))))
  expect(new Set(stored).size).toBe(1)
  expect(await BlobChunkRow.count({ where: { sha256: stored[0] } })).toBe(2)
})

describe('the sweeper', () => {
  const sweeper = (more: Partial<typeof USUAL_TIMES> = {}) =>
    new Sweeper(sequelize, pino({ level: 'silent' }), { ...USUAL_TIMES, blobSeconds: 0, ...more })
  const sweep = async (more?: Partial<typeof USUAL_TIMES>) => {
    const one = sweeper(more)
    await one.sweep()
    await one.close()
  }
  const isThere = async (sha256: string) => (await BlobRow.count({ where: { sha256 } })) === 1
  const assetOf = (projectId: string, sha256: string) => {
    const id = `asset${String(count++).padStart(11, '0')}`
    return AssetRow.create({ projectId, id, name: 'a', type: 'image/png', width: 1, height: 1, sha256 })
  }

  test('frees what no picture refers to, and only that', async () => {
    const [mine, other] = [await createProject(sequelize, 'Mine'), await createProject(sequelize, 'Other')]
    const [own, shared] = [
      await storeBlob(sequelize, fileOf(randomBytes(MB + 9))),
      await storeBlob(sequelize, fileOf(randomBytes(50))),
    ]
    await assetOf(mine.id, own)
    await assetOf(mine.id, shared)
    await assetOf(other.id, shared)
    await sweep()
    expect([await isThere(own), await isThere(shared)]).toEqual([true, true])
    await mine.destroy()
    await sweep()
    expect([await isThere(own), await isThere(shared)]).toEqual([false, true])
    expect(await BlobChunkRow.count({ where: { sha256: own } })).toBe(0)
  })

  test('leaves what was stored a moment ago, and what an export of today gave', async () => {
    const project = await createProject(sequelize, 'Exports')
    const [fresh, result] = [
      await storeBlob(sequelize, fileOf(randomBytes(60))),
      await storeBlob(sequelize, fileOf(randomBytes(61))),
    ]
    const job = (id: string, finishedAt: Date) =>
      JobRow.create({ id, projectId: project.id, input: {} as never, state: 'done', result, finishedAt })
    const yesterday = new Date(Date.now() - 25 * 3600_000)
    await job('job0000000000001', new Date())
    await job('job0000000000002', yesterday)
    await sweep({ blobSeconds: 600 })
    expect([await isThere(fresh), await isThere(result)]).toEqual([true, true])
    expect(await JobRow.count({ where: { projectId: project.id } })).toBe(1)
    await JobRow.update({ finishedAt: yesterday }, { where: { projectId: project.id } })
    await sweep()
    expect([await isThere(fresh), await isThere(result)]).toEqual([false, false])
  })

  test('beside uploads of the very files it takes away, every picture stays whole', async () => {
    const project = await createProject(sequelize, 'Busy')
    const files = Array.from({ length: 4 }, () => fileOf(randomBytes(MB / 4)))
    let isDone = false
    const sweeping = (async () => {
      const one = sweeper()
      while (!isDone) await one.sweep()
      await one.close()
    })()
    const kept: string[] = []
    // What is swept between storing and referring is refused by the database, and stored again by whoever sends it.
    const upload = async (file: string, left = 10): Promise<AssetRow> => {
      try {
        return await assetOf(project.id, await storeBlob(sequelize, file))
      } catch (error) {
        if (left === 0) throw error
        return upload(file, left - 1)
      }
    }
    try {
      for (let round = 0; round < 40; round++) {
        const asset = await upload(files[round % 4])
        if (round % 3) await asset.destroy()
        else kept.push(asset.sha256)
      }
    } finally {
      // Else the sweeping would outlive a test that failed, and hold every other up.
      isDone = true
    }
    await sweeping
    for (const sha256 of kept) expect(await wholeSize(sequelize, sha256)).toBe(MB / 4)
    expect(await incompleteBlobs(sequelize)).toEqual([])
  })

  test('cuts logs that are both old and many, and snapshots nobody comes back to', async () => {
    const project = await createProject(sequelize, 'Long')
    const rows = (days: number, from: number, to: number) =>
      sequelize.query(
        `insert into changes (project_id, revision, id, client, base, label, schema, parts, inverse, outcomes, bytes, created_at)
         select :id, n, 'c' || n, 'x', 1, 'x', 1, '[]', '[]', '[]', 6, now() - make_interval(days => :days)
         from generate_series(cast(:from as int), cast(:to as int)) n`,
        { replacements: { id: project.id, days, from, to } },
      )
    await rows(100, 2, 40)
    await rows(10, 41, 60)
    await project.update({ revision: 60 })
    for (const revision of [10, 20, 30, 40, 50])
      await sequelize.query(`insert into snapshots values (:id, :revision, 'x')`, {
        replacements: { id: project.id, revision },
      })
    await sequelize.query(
      `insert into versions (id, project_id, revision, name) values ('v', :id, 10, 'kept')`,
      {
        replacements: { id: project.id },
      },
    )
    await sweep({ logDays: 90, logChanges: 5 })
    const left = async (table: string) => {
      const [rows] = await sequelize.query(
        `select revision from ${table} where project_id = :id order by 1`,
        {
          replacements: { id: project.id },
        },
      )
      return (rows as { revision: number }[]).map(({ revision }) => revision)
    }
    expect((await left('changes'))[0]).toBe(41)
    expect(await left('snapshots')).toEqual([10, 30, 40, 50])
    expect(await ProjectRow.count({ where: { id: project.id } })).toBe(1)
  })
})
