import { ref } from 'vue'
import { drawingKind } from '@nolvex/core/drawing/drawing'
import type { Documents } from '@nolvex/core/document/types'
import { blocksOf, idOf, type Sketch } from '@nolvex/core/testing/draft'
import { usualSite } from '@nolvex/core/site/usualSite'
import { usePage } from '../drafting/usePage'
import { openProject } from './openProject'
import { until } from './pretendBrowser'

export { idOf, type Sketch }

const PAGE = 'page000000000000'
/** A page of these blocks, open in the drafting view's model at a width. */
export async function draftPage(sketches: Sketch[], width = 1440, more: Documents = {}) {
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const drawing = { kind: 'drawing', id: PAGE, schema: drawingKind.schema, records: { blocks } }
  const pages = { [PAGE]: { id: PAGE, order: 'a0', title: 'Page' } }
  const site = { ...usualSite, records: { ...usualSite.records, pages } }
  const open = await openProject({ site, [PAGE]: drawing, ...more } as unknown as Documents)
  const page = open.use(() => usePage(ref(PAGE)))
  await until(() => page.isReady.value, 'the fonts')
  page.width.value = width
  return {
    ...open,
    page,
    block: (name: string) => page.blocks.value[idOf(name)],
    placed: (name: string) => {
      const found = page.placed.value.get(idOf(name))
      if (!found) throw new Error(`There is no ${name} on the page.`)
      return found
    },
    /** names of what stands in a block, or of the sections, in the order it is seen */
    inside: (name?: string) =>
      [...page.placed.value.values()]
        .filter(({ parent }) => parent === (name ? idOf(name) : null))
        .map(({ box }) => box.node.name),
  }
}

export type Draft = Awaited<ReturnType<typeof draftPage>>
