import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { sitemapFiles } from '@nolvex/core/formats/sitemapXml'
import type { SiteDocument } from '@nolvex/core/site/site'
import { unpackDocuments } from '../documents/packing'

/** Writes a project's sitemap into a folder as `result`, several files as a zip. To be run in a child process. */
export async function writeSitemap(folder: string): Promise<{ ending: 'xml' | 'zip' }> {
  const { site } = await unpackDocuments(await readFile(join(folder, 'documents')))
  const { pages, settings } = (site as unknown as SiteDocument).records
  const files = sitemapFiles(pages, settings.site.address ?? 'https://www.example.com')
  const isOne = files.length === 1
  const bytes = isOne
    ? strToU8(files[0].xml)
    : zipSync(Object.fromEntries(files.map(({ name, xml }) => [name, strToU8(xml)])))
  await writeFile(join(folder, 'result'), bytes)
  return { ending: isOne ? 'xml' : 'zip' }
}
