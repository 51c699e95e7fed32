import { wrap, type Remote } from 'comlink'
import { createSharedComposable } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { ownFonts } from '@nolvex/core/style/families'
import shippedKit from './shipped/quayside.zip?url'
import type { KitWorker, OpenedKit } from './kitWorker'

/** The largest kit file that is read, bytes. */
const MOST_BYTES = 60 * 1024 * 1024

let remote: Remote<KitWorker> | undefined

/** One worker reads kits and paints their blocks. */
export function kitWorker(): Remote<KitWorker> {
  remote ??= wrap<KitWorker>(new Worker(new URL('./kitWorker.ts', import.meta.url), { type: 'module' }))
  return remote
}

/** The kits that were opened since the page was loaded, and the ways to open another. */
export const useOpenKits = createSharedComposable(() => {
  const kits = shallowRef<OpenedKit[]>([])
  const working = ref('')
  const trouble = ref('')

  /** @returns the kit, or nothing where it could not be read, which is said */
  async function open(name: string, read: () => Promise<ArrayBuffer>): Promise<OpenedKit | undefined> {
    trouble.value = ''
    working.value = `Reading ${name}…`
    try {
      const kit = await kitWorker().open(new Uint8Array(await read()))
      await registerFonts(kit)
      const others = kits.value.filter(({ kit: { about } }) => about.id !== kit.kit.about.id)
      kits.value = [...others, kit]
      return kit
    } catch (error) {
      trouble.value = `“${name}” was not opened. ${(error as Error).message}`
      return undefined
    } finally {
      working.value = ''
    }
  }

  function openFile(file: File) {
    if (file.size > MOST_BYTES) {
      trouble.value = `“${file.name}” is larger than 60 MB. Kits are smaller: choose another file.`
      return Promise.resolve(undefined)
    }
    return open(file.name, () => file.arrayBuffer())
  }
  const openShipped = () => open('Quayside', async () => (await fetch(shippedKit)).arrayBuffer())

  return { kits, working, trouble, openFile, openShipped }
})

/** Makes the fonts a kit brings along known to the page. */
async function registerFonts({ key, kit }: OpenedKit) {
  for (const { asset, family, weight, italic } of ownFonts(kit.style)) {
    const bytes = await kitWorker().bytes(key, asset)
    if (!bytes) continue
    const style = italic ? 'italic' : 'normal'
    document.fonts.add(new FontFace(family, bytes as BufferSource, { weight: String(weight), style }))
  }
}
