import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import type { BrandMark, Mood } from '@nolvex/core/style/brand'
import { takePicture } from '../session/takePicture'
import { newId } from '../session/newId'
import { picturesColours } from './picturesColours'
import { useGuide } from './useGuide'

/** Pictures and files of the brand: logos, artwork, and what tells the mood. */
export function useBrandFiles() {
  const { project, change } = useGuide()
  const marks = computed((): BrandMark[] => inOrder(Object.values(project.style.records.marks)))
  const moods = computed((): Mood[] => inOrder(Object.values(project.style.records.moods)))
  const trouble = ref('')
  const working = ref('')

  /** Sends files one after another; one that is none is said, and the others come in all the same. */
  async function send<T>(files: File[], make: (file: File, stored: Stored) => Promise<T> | T): Promise<T[]> {
    trouble.value = ''
    const made: T[] = []
    for (const file of files) {
      working.value = `Taking in ${file.name}…`
      try {
        const { id, width, height } = await takePicture(project.id, file)
        made.push(await make(file, { asset: id, width, height }))
      } catch (error) {
        trouble.value = `“${file.name}” was not taken: ${(error as Error).message}`
      }
    }
    working.value = ''
    return made
  }

  async function addMarks(files: File[], use: BrandMark['use']) {
    const made = await send(files, (file, stored) => ({
      ...{ id: newId(), name: file.name.replace(/\.\w+$/, '').slice(0, 100) || 'Logo', use },
      file: { ...stored } as Json,
    }))
    if (made.length) change('Add to the brand', putAmong('marks', marks.value, marks.value.length, made))
  }

  async function addMoods(files: File[]) {
    const made = await send(files, async (file, stored) => {
      // A picture the browser cannot look into still tells its mood.
      const found = await picturesColours(file).catch(() => undefined)
      const colours = found?.colours.map(({ hex }) => hex) ?? []
      return { id: newId(), file: { ...stored } as Json, ...(colours.length && { colours }) }
    })
    if (made.length) change('Add to the mood', putAmong('moods', moods.value, moods.value.length, made))
  }

  return { marks, moods, trouble, working, addMarks, addMoods }
}

interface Stored {
  asset: string
  width: number
  height: number
}
