import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { unzipSync } from 'fflate'
import { setViewport } from '../browser'
import { expectTrue } from '../expect'
import { exported } from './exported'
import type { Journey } from './journey'

const WIDTHS = [320, 390, 834, 1440, 1920]

/** The demo's exported page is as wide as its window at every width: nothing makes it scroll sideways. */
export const exportedFits: Journey = {
  name: 'an exported page in windows of every width',
  async run({ person, site }) {
    const { driver } = person
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      const zip = await exported(site, 'skerrinferries00', { format: 'html', page: 'pagehome00000000' })
      const file = join(folder, 'index.html')
      writeFileSync(file, unzipSync(zip)['index.html'])
      await driver.get(pathToFileURL(file).href)
      for (const width of WIDTHS) {
        await setViewport(driver, width, 800)
        const [scrolled, inner] = await driver.executeScript<[number, number]>(
          'return [document.documentElement.scrollWidth, window.innerWidth]',
        )
        expectTrue(
          scrolled <= inner,
          `at ${width} px the page is ${scrolled} px wide in a window of ${inner}`,
        )
      }
    } finally {
      rmSync(folder, { recursive: true })
      await setViewport(driver, 1280, 800)
    }
  },
}
