import { sitemapFiles } from '@nolvex/core/formats/sitemapXml'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile } from './projectFiles'

/** Writes a project's sitemap.xml. */
export const sitemapOfProject: Command = {
  name: 'sitemap',
  usage: 'sitemap PROJECT',
  about: 'writes its sitemap.xml to standard output',
  async run({ files: [file], say }) {
    if (!file) throw new Misuse('sitemap needs a project file.')
    const { documents } = await openFile(file)
    const { pages, settings } = (documents.site as unknown as SiteDocument).records
    const { address } = settings.site
    if (!address)
      throw new Misuse('The project has no address yet. Say in Map, Brief where the site will stand.')
    for (const { xml } of sitemapFiles(pages, address)) say(xml)
    return 0
  },
}
