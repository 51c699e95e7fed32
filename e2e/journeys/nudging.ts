import { Key } from 'selenium-webdriver'
import { expectEqual } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const PAGE = 'nudgepage0000000'
const CANVAS = 'canvas0000000000'

/** Freely placed blocks moved by arrow keys, each by the edge it is anchored to, and taken back in one step. */
export const nudging: Journey = {
  name: 'freely placed blocks by arrow keys',
  async run({ person, site }) {
    const place = (axis: string, offset: object) => ({
      anchor: { x: axis },
      offset,
      width: px(120),
      height: px(60),
    })
    await commitParts(site, PROJECT, [
      part('site', 'site', [put('pages', { id: PAGE, order: 'a0', title: 'Nudged' })]),
      part(PAGE, 'drawing', [
        put('blocks', {
          id: CANVAS,
          kind: 'section',
          order: 'a0',
          arrange: { type: 'placed' },
          place: { minHeight: px(300) },
        }),
        put('blocks', block('fromstart0000000', 'a0', place('start', { left: px(40), top: px(20) }))),
        put('blocks', block('fromend000000000', 'a1', place('end', { right: px(40), top: px(20) }))),
        put('blocks', block('centred000000000', 'a2', place('centre', { x: px(0), top: px(20) }))),
      ]),
    ])
    await person.open(`${site.address}/projects/${PROJECT}/wireframe/${PAGE}`)
    await person.see('.drawing g')
    await person.driver.executeScript(
      `document.querySelectorAll('[data-outline]').forEach((one, index) => index && one.dispatchEvent(new MouseEvent('click', { bubbles: true, shiftKey: index > 1 })))`,
    )
    await person.until('three are selected', async () => (await person.all('[data-selected]')).length === 3)
    // In the outline arrow keys walk its lines.
    await person.driver.executeScript('document.activeElement.blur()')
    await person.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    await person.chord(Key.SHIFT, Key.ARROW_DOWN)
    await person.saved()
    expectEqual(
      await offsets(),
      ['left 43, top 28', 'right 37, top 28', 'top 28, x 3'],
      'nudged by their anchors',
    )
    await person.chord(Key.CONTROL, 'z')
    await person.saved()
    expectEqual(await offsets(), ['left 40, top 20', 'right 40, top 20', 'top 20, x 0'], 'one step back')

    async function offsets(): Promise<string[]> {
      const { documents } = await documentsOf(site, PROJECT)
      return Object.values(documents[PAGE].records.blocks)
        .filter(({ parent }) => parent)
        .sort((a, b) => (String(a.order) < String(b.order) ? -1 : 1))
        .map(({ place: placed }) => {
          const { offset } = placed as { offset: Record<string, { value: number }> }
          return Object.entries(offset)
            .map(([side, { value }]) => `${side} ${value}`)
            .sort()
            .join(', ')
        })
    }
  },
}

const px = (value: number) => ({ value, unit: 'px' })
const put = (collection: string, record: { id: string; [field: string]: unknown }) => ({
  type: 'put',
  collection,
  id: record.id,
  record,
})
const part = (document: string, kind: string, operations: object[]) => ({ document, kind, operations })
const block = (id: string, order: string, place: object) => ({
  id,
  order,
  kind: 'box',
  parent: CANVAS,
  look: { fill: { hex: '#cccccc' } },
  place,
})
