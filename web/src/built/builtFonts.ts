import { fontFaces } from '../found/fontFaces'
import { fileNamed, type PageFiles } from '../found/readPageFiles'
import type { PageFont } from '../found/layOutPage'

/** faces of a page's CSS that are looked at at most */
const MOST_FACES = 60
const DATA = /^data:[\w/+.-]*;base64,/

/** The fonts a page's own CSS names, where they stand in it or came along as files. */
export function builtFonts(css: string[], page: PageFiles): PageFont[] {
  return css
    .flatMap(fontFaces)
    .slice(0, MOST_FACES)
    .flatMap(({ body: face }) => {
      const family = valueOf(face, 'font-family')?.replace(/^['"]|['"]$/g, '')
      const bytes = sourcesOf(face)
        .map((address) => bytesAt(address, page))
        .find((found) => found !== undefined)
      if (!family || !bytes) return []
      const weight = valueOf(face, 'font-weight') ?? '400'
      return [{ family, weight, style: valueOf(face, 'font-style') ?? 'normal', bytes }]
    })
}

function valueOf(face: string, property: string): string | undefined {
  const at = face.indexOf(`${property}:`)
  if (at < 0) return undefined
  const value = face.slice(at + property.length + 1, at + property.length + 200).split(';')[0]
  return value.trim() || undefined
}

/** The addresses of a face's sources. */
function sourcesOf(face: string): string[] {
  const found: string[] = []
  for (let at = face.indexOf('url('); at >= 0; at = face.indexOf('url(', at + 4)) {
    const end = face.indexOf(')', at)
    if (end < 0) break
    found.push(
      face
        .slice(at + 4, end)
        .trim()
        .replace(/^['"]|['"]$/g, ''),
    )
  }
  return found
}

function bytesAt(address: string, page: PageFiles): Uint8Array | undefined {
  const data = DATA.exec(address.slice(0, 100))
  if (!data) return fileNamed(page, address) ?? fileByName(page, address)
  try {
    return Uint8Array.from(atob(address.slice(data[0].length)), (sign) => sign.charCodeAt(0))
  } catch {
    return undefined
  }
}

/** Addresses in a style sheet go by where that stands; a font is known by its file's name as well. */
function fileByName({ files }: PageFiles, address: string): Uint8Array | undefined {
  const name = address.split(/[?#]/)[0].split('/').at(-1)
  const path = [...files.keys()].find((one) => one.split('/').at(-1) === name)
  return path === undefined ? undefined : files.get(path)
}
