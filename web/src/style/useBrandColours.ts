import { computedAsync } from '@vueuse/core'
import { computed } from 'vue'
import { coloursInSvg } from '@nolvex/core/colour/coloursInSvg'
import { assetAddress } from '../session/api'
import { picturesColours } from './picturesColours'
import { useBrandFiles } from './useBrandFiles'
import { useGuide } from './useGuide'

const MOST = 10

/** The colours of the project's logos, then those of its mood, each once. */
export function useBrandColours() {
  const { project } = useGuide()
  const { marks, moods } = useBrandFiles()
  const known = new Map<string, Promise<string[]>>()

  const ofMarks = computedAsync(async () => {
    const assets = marks.value.flatMap(({ use, file }) => (use === 'artwork' ? [] : (file.asset ?? [])))
    for (const asset of assets) if (!known.has(asset)) known.set(asset, coloursOf(asset))
    return (await Promise.all(assets.map((asset) => known.get(asset) ?? []))).flat()
  }, [])

  async function coloursOf(asset: string): Promise<string[]> {
    try {
      const file = await (await fetch(assetAddress(project.id, asset))).blob()
      if (file.type.startsWith('image/svg')) return coloursInSvg(await file.text())
      return (await picturesColours(file)).colours.map(({ hex }) => hex)
    } catch {
      // A file that cannot be looked into has no colours to offer.
      return []
    }
  }

  return computed(() => {
    const ofMoods = moods.value.flatMap(({ colours = [] }) => colours)
    return [...new Set([...ofMarks.value, ...ofMoods])].slice(0, MOST)
  })
}
