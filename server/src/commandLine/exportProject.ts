import { writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Project } from '@nolvex/core/formats/projectFile'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { homePage, pageAddresses, pathFromTitle } from '@nolvex/core/site/address'
import type { SiteDocument } from '@nolvex/core/site/site'
import { ownFonts } from '@nolvex/core/style/families'
import type { StyleDocument } from '@nolvex/core/style/style'
import { inWorkFolder } from '../children/workFolder'
import { FINISH_NAMES } from '../exports/jobModel'
import { pagesDrawn, type PackInput } from '../exports/packPages'
import { pictureFiles, renderPack } from '../exports/renderPack'
import { htmlFiles } from '../exports/renderSite'
import { useOwnFonts } from '../fonts/fontsInUse'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile, writeInto } from './projectFiles'

const FILES = ['html', 'svg', 'png', 'pdf'] as const

/** Writes drawn pages into a folder, as the server's exports do. */
export const exportProject: Command = {
  name: 'export',
  usage:
    'export PROJECT --as html|svg|png|pdf [--pages home,fares] [--bands narrow,wide] [--finish sketch|plain|finished] [--scale 1|2|3] -o FOLDER',
  about: 'writes the drawn pages into a folder',
  async run({ files: [file], options, say }) {
    const { out, as, finish = 'plain', scale = '1' } = options
    if (!file || !out || !as)
      throw new Misuse('export needs a project file, --as with a format, and -o with a folder.')
    const project = await openFile(file)
    const input: PackInput = {
      title: project.name,
      documents: project.documents,
      assets: project.assets,
      format: 'pack',
      file: oneOf('--as', as, FILES),
      finish: oneOf('--finish', finish, FINISH_NAMES),
      scale: Number(oneOf('--scale', scale, ['1', '2', '3'])) as 1 | 2 | 3,
      notes: true,
      responsive: true,
      date: new Date().toISOString().slice(0, 10),
      pages: pagesNamed(project, options.pages),
      bands: bandsNamed(project, options.bands),
    }
    if (pagesDrawn(input).length === 0)
      throw new Misuse('None of these pages has a drawing. Draw them first: nolvex draft PROJECT -o PROJECT.')
    const files = await inWorkFolder(async (folder) => {
      await layOwnFonts(folder, project)
      return filesOf(input)
    })
    await writeInto(out, files)
    say(`${out}: ${files.length} files`)
    return 0
  },
}

/** Has a project's own fonts known to whatever is rendered next. */
async function layOwnFonts(folder: string, { documents, assets }: Project) {
  const fonts = ownFonts(documents.style as unknown as StyleDocument).flatMap(({ asset, ...font }) => {
    const file = assets.find(({ id }) => id === asset)
    return file ? [{ ...font, file: `font-${asset}`, bytes: file.bytes }] : []
  })
  for (const { file, bytes } of fonts) await writeFile(join(folder, file), bytes)
  useOwnFonts(folder, fonts)
}

async function filesOf(input: PackInput) {
  if (input.file === 'html') return htmlFiles(input)
  if (input.file !== 'pdf') return pictureFiles(input)
  return [{ path: `${pathFromTitle(input.title) || 'pages'}.pdf`, bytes: await renderPack(input) }]
}

function oneOf<T extends string>(option: string, value: string, values: readonly T[]): T {
  if (values.includes(value as T)) return value as T
  throw new Misuse(`${option} is ${values.join(', ')}; “${value}” is none of them.`)
}

const namesIn = (list: string | undefined): string[] =>
  (list ?? '')
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean)

/** Pages by title, by the last part of their address, or `home`. */
function pagesNamed({ documents }: Project, list: string | undefined): string[] {
  const { pages } = (documents.site as unknown as SiteDocument).records
  const addresses = pageAddresses(pages)
  return namesIn(list).map((name) => {
    const slug = pathFromTitle(name)
    const found =
      slug === 'home'
        ? homePage(pages)
        : Object.values(pages).find(
            ({ id, title }) => pathFromTitle(title) === slug || addresses.get(id)?.split('/').at(-1) === slug,
          )
    if (!found) throw new Misuse(`No page is called “${name}”.`)
    return found.id
  })
}

function bandsNamed({ documents }: Project, list: string | undefined): string[] {
  const bands = bandsOf(documents.site as unknown as SiteDocument).inOrder
  return namesIn(list).map((name) => {
    const found = bands.find((band) => band.name.toLowerCase() === name.toLowerCase())
    if (found) return found.id
    throw new Misuse(`No band is called “${name}”; there are ${bands.map((band) => band.name).join(', ')}.`)
  })
}
