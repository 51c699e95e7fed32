import { computed, ref, type Ref } from 'vue'
import { becoming, type Becoming } from '@nolvex/core/kit/becoming'
import { NOTHING_CHOSEN, type KitChoice } from '@nolvex/core/kit/kit'
import { needsOf } from '@nolvex/core/kit/needs'
import { takeFromKit } from '@nolvex/core/kit/takeFromKit'
import { api } from '../../session/api'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import type { OpenedKit } from './kitWorker'
import { kitWorker } from './openKits'

/** What is to be taken of a kit, what comes along with it, and what that becomes here. */
export function useTaking(opened: Ref<OpenedKit>, choice: Ref<KitChoice>) {
  const project = useProject()
  const isLinked = ref(true)
  const trouble = ref('')
  const working = ref('')
  /** what the designer chose otherwise than suggested; an empty one comes along */
  const asked = ref<Record<string, string>>({})

  const needs = computed(() => needsOf(opened.value.kit, choice.value))
  const list = computed((): Becoming[] => {
    const chosen = new Set([...choice.value.tokens, ...choice.value.levels])
    return becoming(opened.value.kit, needs.value, project.style, chosen).map((one) => {
      const own = asked.value[one.id] as string | undefined
      return own === undefined ? one : { ...one, into: own || undefined, why: undefined }
    })
  })
  const become = (id: string, into: string) => (asked.value = { ...asked.value, [id]: into })
  const known = computed(() => project.style.records.kits[opened.value.kit.about.id]?.became ?? {})

  /** Sends the files that are not here yet. @returns ids here by those of the kit @throws what the server says of one */
  async function sendFiles(wanted: readonly string[]): Promise<Record<string, string>> {
    const files: Record<string, string> = {}
    for (const { id, name, type } of opened.value.kit.files.filter((file) => wanted.includes(file.id))) {
      if (known.value[id]) {
        files[id] = known.value[id]
        continue
      }
      working.value = `Taking in ${name}…`
      const bytes = await kitWorker().bytes(opened.value.key, id)
      if (!bytes) throw new Error(`the kit lacks “${name}”`)
      files[id] = await sendFile(new File([bytes as BlobPart], name, { type }))
    }
    return files
  }
  async function sendFile(file: File): Promise<string> {
    if (file.type.startsWith('font/')) {
      const { files } = await api.addFont(project.id, file)
      return files[0].asset
    }
    const add = file.type.startsWith('image/') ? api.addPicture : api.addFile
    return (await add(project.id, file)).id
  }

  /** Takes it in one step. @returns whether it was taken; what went wrong is said, and then nothing is changed */
  async function take(label: string, chosen: KitChoice = choice.value): Promise<boolean> {
    trouble.value = ''
    try {
      const wanted = needsOf(opened.value.kit, chosen)
      const files = await sendFiles(wanted.files)
      const own = chosen === choice.value ? list.value : becoming(opened.value.kit, wanted, project.style)
      const wish = { choice: chosen, isLinked: isLinked.value, becoming: own, files }
      const { parts } = takeFromKit(project.view.documents, opened.value.kit, wish, newId)
      if (parts.length) project.change(label, parts)
      asked.value = {}
      return true
    } catch (error) {
      trouble.value = `Nothing was taken: ${(error as Error).message}`
      return false
    } finally {
      working.value = ''
    }
  }
  /** Brings linked shared blocks up to the kit. @param blocks their ids in the kit */
  async function takeNewer(label: string, blocks: string[]) {
    isLinked.value = true
    return take(label, { ...NOTHING_CHOSEN, shared: blocks })
  }

  return { isLinked, needs, list, become, trouble, working, take, takeNewer }
}
