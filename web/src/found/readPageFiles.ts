import { unzipSync, type Unzipped } from 'fflate'

/** A page to read: its HTML and the files beside it, by path. */
export interface PageFiles {
  html: string
  /** folder the HTML stands in, with a slash at its end, or nothing */
  folder: string
  files: Map<string, Uint8Array>
}

const MOST_BYTES = 60 * 1024 * 1024
const MOST_HTML = 5 * 1024 * 1024
const MOST_FILES = 1000

/**
 * Reads an HTML file, a zip with one, or a folder's files. Nothing is fetched and nothing runs.
 * @throws an error that says what is too large or missing
 */
export async function readPageFiles(list: File[]): Promise<PageFiles> {
  const total = list.reduce((sum, { size }) => sum + size, 0)
  if (total > MOST_BYTES)
    throw new Error('These files are larger than 60 MB. Choose one page with what it needs.')
  if (list.length > MOST_FILES)
    throw new Error(`There are more than ${MOST_FILES} files. Choose one page’s folder.`)
  const files = new Map<string, Uint8Array>()
  for (const file of list) {
    const bytes = new Uint8Array(await file.arrayBuffer())
    if (/\.zip$/i.test(file.name))
      for (const [path, entry] of Object.entries(unzipped(bytes))) files.set(path, entry)
    else files.set(file.webkitRelativePath || file.name, bytes)
  }
  return pageAmong(files)
}

/** At once: what unzips in pieces starts workers from scripts of its own making, which our pages do not allow. */
function unzipped(bytes: Uint8Array): Unzipped {
  let [count, size] = [0, 0]
  const isWanted = ({ originalSize }: { originalSize: number }) =>
    ++count <= MOST_FILES && (size += originalSize) <= MOST_BYTES
  let entries: Unzipped
  try {
    entries = unzipSync(bytes, { filter: isWanted })
  } catch {
    throw new Error('The zip cannot be read: it is damaged or no zip.')
  }
  if (count > MOST_FILES || size > MOST_BYTES)
    throw new Error('The zip holds more than a page should: 1000 files, 60 MB.')
  return entries
}

/** The page nearest the top: index.html before others. */
function pageAmong(files: Map<string, Uint8Array>): PageFiles {
  const depth = (path: string) => path.split('/').length
  const rank = (path: string) => depth(path) * 2 + (/(^|\/)index\.html?$/i.test(path) ? 0 : 1)
  const [path] = [...files.keys()].filter((one) => /\.html?$/i.test(one)).sort((a, b) => rank(a) - rank(b))
  if (!path) throw new Error('There is no HTML file among these. Choose one, a zip with one, or its folder.')
  const bytes = files.get(path) as Uint8Array
  if (bytes.length > MOST_HTML)
    throw new Error(`${path} is larger than 5 MB. Save a smaller part of the page.`)
  return {
    html: new TextDecoder().decode(bytes),
    folder: path.includes('/') ? path.slice(0, path.lastIndexOf('/') + 1) : '',
    files,
  }
}

/** The file an address in a page names, if it came along. */
export function fileNamed(
  { folder, files }: PageFiles,
  address: string,
  from = folder,
): Uint8Array | undefined {
  const clean = address.split(/[?#]/)[0].replace(/^\.\//, '')
  if (clean === '' || /^[a-z]+:|^\/\//i.test(clean)) return undefined
  const parts = (clean.startsWith('/') ? clean.slice(1) : from + clean).split('/')
  const path: string[] = []
  for (const part of parts) {
    if (part === '..') path.pop()
    else if (part !== '.') path.push(decoded(part))
  }
  return files.get(path.join('/'))
}

function decoded(part: string): string {
  try {
    return decodeURIComponent(part)
  } catch {
    return part
  }
}
