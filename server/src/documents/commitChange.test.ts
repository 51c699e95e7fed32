import { randomBytes } from 'node:crypto'
import type { Sequelize } from 'sequelize'
import { idMaker } from '@nolvex/core/document/ids'
import type { Change, Operation } from '@nolvex/core/document/types'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { defineAssets } from '../assets/assetModels'
import { connect, migrateDatabase } from '../database/connect'
import { ProjectRow, defineProjects } from '../projects/projectModel'
import { createProject } from '../projects/projectService'
import { emptyDatabase } from '../testing/testDatabase'
import { ChangeRow, defineChanges, SnapshotRow } from './changeModel'
import { commitChange } from './commitChange'
import { ProjectStates } from './projectState'

const newId = idMaker((bytes) => bytes.fill(0).map(() => randomBytes(1)[0]))
let sequelize: Sequelize
let project: string
let states: ProjectStates

beforeAll(async () => {
  sequelize = connect(await emptyDatabase('commits'))
  for (const define of [defineProjects, defineChanges, defineAssets]) define(sequelize)
  await Promise.all([migrateDatabase(sequelize), migrateDatabase(sequelize)])
  states = new ProjectStates(sequelize)
})
beforeEach(async () => {
  project = (await createProject(sequelize, 'Test')).id
})
afterAll(() => sequelize.close())

const PAGE = 'page000000000001'
const BLOCK = 'block00000000001'
const SECTION = 'section000000001'
const change = (operations: Operation[], more: Partial<Change> = {}, document = 'site'): Change => ({
  id: newId(),
  client: newId(),
  base: 1,
  label: 'Change',
  parts: [{ document, kind: document === 'site' ? 'site' : 'drawing', operations }],
  ...more,
})
const putPage = (id: string, title: string): Operation => ({
  type: 'put',
  collection: 'pages',
  id,
  record: { id, order: 'a0', title },
})
const commit = (one: Change) => commitChange(sequelize, states, project, one)
const head = async (from = new ProjectStates(sequelize)) => {
  const { revision } = (await ProjectRow.findByPk(project)) as ProjectRow
  return from.at(project, revision)
}

test('changes get consecutive revisions and their inverse is logged', async () => {
  const first = await commit(change([putPage(PAGE, 'Home')]))
  const second = await commit(
    change([{ type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 'Start' }], { base: 2 }),
  )
  expect([first.revision, second.revision]).toEqual([2, 3])
  expect(second.inverse[0].operations).toEqual([
    { type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 'Home', over: { value: 'Start' } },
  ])
  expect((await head()).documents.site.records.pages[PAGE].title).toBe('Start')
})

test('a repeated change is applied once and gets its first answer', async () => {
  const one = change([putPage(PAGE, 'Home')])
  const first = await commit(one)
  await commit(change([{ type: 'remove', collection: 'pages', id: PAGE }], { base: 2 }))
  expect(await commit(one)).toEqual(first)
  expect((await head()).documents.site.records.pages).toEqual({})
})

test('a refused change takes a revision, alters nothing, and is refused again alike', async () => {
  const wrong = change([
    putPage(PAGE, 'Home'),
    { type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 7 },
  ])
  const answer = await commit(wrong)
  expect(answer.outcomes).toEqual([
    expect.objectContaining({ result: 'refused', reason: expect.stringContaining('title') }),
  ])
  expect(await commit(wrong)).toEqual(answer)
  expect((await head()).documents.site.records.pages).toEqual({})
})

test('stale edits of one text are transformed, the earlier revision first', async () => {
  const drawing = [
    {
      type: 'put' as const,
      collection: 'blocks',
      id: SECTION,
      record: { id: SECTION, order: 'a0', kind: 'section' },
    },
    {
      type: 'put' as const,
      collection: 'blocks',
      id: BLOCK,
      record: { id: BLOCK, order: 'a0', kind: 'text', parent: SECTION, text: [{ insert: 'isles' }] },
    },
  ]
  await commit(change(drawing, {}, PAGE))
  const edit = (insert: string): Operation => ({
    type: 'edit',
    collection: 'blocks',
    id: BLOCK,
    path: ['text'],
    delta: [{ insert }],
  })
  await Promise.all([
    commit(change([edit('three ')], { base: 2 }, PAGE)),
    commit(change([edit('small ')], { base: 2 }, PAGE)),
  ])
  const text = (await head()).documents[PAGE].records.blocks[BLOCK].text as { insert: string }[]
  expect(['three small isles', 'small three isles']).toContain(text[0].insert)
})

test('an edit older than the log is refused with what to do; a value is taken', async () => {
  await commit(change([putPage(PAGE, 'Home')]))
  await commit(
    change([{ type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 'Start' }], { base: 2 }),
  )
  await ChangeRow.destroy({ where: { projectId: project, revision: 2 } })
  const edit: Operation = {
    type: 'edit',
    collection: 'blocks',
    id: BLOCK,
    path: ['text'],
    delta: [{ insert: 'x' }],
  }
  expect((await commit(change([edit], {}, PAGE))).outcomes[0].reason).toContain('too long ago')
  expect(
    (await commit(change([{ type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 'Now' }])))
      .outcomes,
  ).toEqual([])
})

test('a value of a style token is written and undone', async () => {
  const [token] = Object.keys((await head()).documents.style.records.tokens)
  const set: Operation = { type: 'set', collection: 'tokens', id: token, path: ['value'], value: '#123456' }
  const parts = [{ document: 'style', kind: 'style', operations: [set] }]
  const logged = await commit({ ...change([]), parts })
  expect(logged.outcomes).toEqual([])
  expect((await head()).documents.style.records.tokens[token].value).toBe('#123456')
  expect((await commit({ ...change([], { base: 2 }), parts: logged.inverse })).outcomes).toEqual([])
  expect((await head()).documents.style).toEqual(plainStyle)
})

test('a log that was written before corners had a radius each is read with nothing refused', async () => {
  const put: Operation = {
    type: 'put',
    collection: 'blocks',
    id: SECTION,
    record: { id: SECTION, order: 'a0', kind: 'section', look: { radius: { value: 4, unit: 'px' } } },
  }
  const set: Operation = {
    type: 'set',
    collection: 'blocks',
    id: SECTION,
    path: ['look', 'radius'],
    value: { value: 8, unit: 'px' },
  }
  const undo: Operation = {
    ...set,
    value: { value: 4, unit: 'px' },
    over: { value: { value: 8, unit: 'px' } },
  }
  // As rows were written then: their parts say no schema.
  const row = (revision: number, operation: Operation, inverse: Operation[]) =>
    ChangeRow.create({
      ...change([operation], {}, PAGE),
      projectId: project,
      revision,
      schema: 1,
      inverse: [{ document: PAGE, kind: 'drawing', operations: inverse }],
      outcomes: [],
      bytes: 100,
    })
  await row(2, put, [{ type: 'remove', collection: 'blocks', id: SECTION }])
  await row(3, set, [undo])
  await ProjectRow.update({ revision: 3 }, { where: { id: project } })
  const radius = async () => (await head()).documents[PAGE].records.blocks[SECTION].look
  const corners = (value: number) => {
    const length = { value, unit: 'px' }
    return { radius: { topLeft: length, topRight: length, bottomRight: length, bottomLeft: length } }
  }
  expect(await radius()).toEqual(corners(8))
  // What undoes it is as old as it is, and so is a tab that was open all the time.
  const stored = (await ChangeRow.findOne({ where: { projectId: project, revision: 3 } })) as ChangeRow
  expect((await commit({ ...change([], { base: 3 }), parts: stored.inverse })).outcomes).toEqual([])
  expect(await radius()).toEqual(corners(4))
})

test('a base ahead of the head and an unknown project are told', async () => {
  await expect(commit(change([putPage(PAGE, 'x')], { base: 99 }))).rejects.toMatchObject({ status: 409 })
  await expect(
    commitChange(sequelize, states, 'nosuchproject000', change([putPage(PAGE, 'x')])),
  ).rejects.toMatchObject({ status: 404 })
})

test('several processes on one database agree, and snapshots are taken on the way', async () => {
  const other = new ProjectStates(sequelize)
  for (let count = 0; count < 520; count++) {
    const id = `p${String(count).padStart(15, '0')}`
    await commitChange(sequelize, count % 2 ? states : other, project, change([putPage(id, `Page ${count}`)]))
  }
  const [mine, theirs, afresh] = await Promise.all([head(states), head(other), head()])
  expect(Object.keys(afresh.documents.site.records.pages)).toHaveLength(520)
  expect(mine.documents).toEqual(afresh.documents)
  expect(theirs.documents).toEqual(afresh.documents)
  expect(await SnapshotRow.count({ where: { projectId: project } })).toBe(2)
})
