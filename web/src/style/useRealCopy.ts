import { computed } from 'vue'
import { kindOf, tagOf } from '@nolvex/core/block/block'
import { plainText } from '@nolvex/core/document/richText'
import { pageDrawings } from '@nolvex/core/resolve/pageSources'
import { useProject } from '../session/projectStore'

const USUAL = 'The quick brown fox jumps over the lazy dog, 0123456789'
const LONG = 160

/** Words of the project's own for each role of text: the longest up to a line or two. */
export function useRealCopy() {
  const project = useProject()
  const byRole = computed(() => {
    const found = new Map<string, string>()
    for (const { records } of pageDrawings(project.view.documents))
      for (const block of Object.values(records.blocks ?? {})) {
        const text = plainText(block.text ?? []).trim()
        const role = kindOf(block).levelRole ?? tagOf(block)
        const best = found.get(role) ?? ''
        if (text.length > best.length && text.length <= LONG) found.set(role, text)
      }
    return found
  })
  const copyFor = (role: string | undefined) =>
    byRole.value.get(role ?? 'p') ?? byRole.value.get('p') ?? USUAL
  return { copyFor }
}
