import { ElMessageBox } from 'element-plus'
import { ref } from 'vue'
import { kindOf, type Block } from '@nolvex/core/block/block'
import { keepPattern } from '@nolvex/core/edit/keepPattern'
import { makeIndependent } from '@nolvex/core/edit/makeIndependent'
import { makeShared } from '@nolvex/core/edit/makeShared'
import { valuesOf } from '@nolvex/core/resolve/scope'
import type { Shared } from '@nolvex/core/style/shared'
import { useCommands } from '../../commands/commandStore'
import type { DraftingPage } from '../usePage'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'

/** What a name is asked for. */
export type NameAsked = 'share' | 'pattern'

/** Sharing blocks, going into their originals, cutting copies loose, and keeping sections as patterns. */
export function useSharedCommands(page: DraftingPage) {
  const project = useProject()
  const asked = ref<NameAsked>()
  const { one, records, blocks, selection } = page
  const isCopy = () => one.value !== undefined && kindOf(one.value).expands === 'shared'
  const isSection = () => one.value !== undefined && one.value.parent === undefined && !isCopy()

  function share(name: string) {
    const drawing = { id: page.document.value, blocks: blocks.value }
    const made = makeShared(drawing, records.value, name, project.style, page.at.value, newId)
    if ('reason' in made) {
      page.trouble.value = made.reason
      return
    }
    project.change(`Share ${name}`, made.parts)
    page.select([made.copy])
  }

  function keep(name: string) {
    if (one.value)
      project.change(
        `Keep pattern ${name}`,
        keepPattern(blocks.value, one.value.id, name, project.style, newId),
      )
  }

  function named(name: string) {
    if (asked.value === 'share') share(name)
    else keep(name)
    asked.value = undefined
  }

  function originalOf(copy: Block): { shared: Shared; blocks: Record<string, Block> } | undefined {
    const shared = project.style.records.shared[String(copy.data?.shared)] as Shared | undefined
    const drawing = shared && project.drawing(shared.id)
    return shared && drawing && { shared, blocks: drawing.records.blocks }
  }

  /** Asked before, as what follows no more cannot be made to follow again. */
  async function cutLoose() {
    const copy = one.value
    const original = copy && originalOf(copy)
    if (!copy || !original) return
    const { name, id } = original.shared
    const says = `What it shows now stays, with all it says otherwise. Changes to “${name}” reach it no more.`
    const agreed = await ElMessageBox.confirm(says, `Make this ${name} independent?`, {
      confirmButtonText: 'Make it independent',
      cancelButtonText: 'Leave it',
    }).catch(() => undefined)
    if (!agreed) return
    const values = valuesOf(project.style, id)
    const { operations, made } = makeIndependent(blocks.value, copy, { ...original, values }, newId)
    page.change(`Make ${name} independent`, operations)
    page.select([made])
  }

  useCommands().offer([
    {
      id: 'share',
      label: 'Make what is selected a shared block…',
      keys: ['Alt+S'],
      run: () => (asked.value = 'share'),
      enabled: () => records.value.length > 0,
    },
    {
      id: 'original',
      label: 'Edit the original of the copy',
      keys: ['Alt+Enter'],
      run: () => page.enter(selection.value[0]),
      enabled: isCopy,
    },
    {
      id: 'independent',
      label: 'Make the copy independent…',
      keys: ['Alt+I'],
      run: () => void cutLoose(),
      enabled: isCopy,
    },
    {
      id: 'original-done',
      label: 'Leave the original',
      keys: ['Escape'],
      run: page.leave,
      enabled: () => page.original.value !== undefined && records.value.length === 0,
    },
    {
      id: 'pattern-keep',
      label: 'Keep the section as a pattern…',
      keys: ['Alt+K'],
      run: () => (asked.value = 'pattern'),
      enabled: isSection,
    },
  ])

  return { asked, named, cutLoose }
}
