import { lines, xmlElement, xmlFile, type Content } from '../text/elementWriter'
import { checkCount, cutTitle, ImportError, type ImportedPages, type ImportRemark } from './importedPages'
import { readXml } from './xmlElements'

/**
 * Reads an OPML outline: each `outline` is a page, titled by its `text`.
 * @throws ImportError for broken XML or a file that is no OPML
 * @see OPML 2.0, “Text attribute” and “Subscription lists”
 */
export function readOpml(xml: string): ImportedPages {
  const pages: ImportedPages['pages'] = []
  const remarks: ImportRemark[] = []
  let depth = 0
  let isOpml = false
  readXml(xml, {
    open(name, attributes, line) {
      if (name === 'opml') isOpml = true
      if (name !== 'outline') return
      const title = cutTitle(attributes.text ?? attributes.title ?? '', line, remarks)
      if (title === '') remarks.push({ line, remark: 'An outline has no text; it was called Untitled.' })
      pages.push({ title: title || 'Untitled', depth: depth++, line })
      checkCount(pages.length)
    },
    close(name) {
      if (name === 'outline') depth--
    },
  })
  if (!isOpml) throw new ImportError('This XML is no OPML: it has no opml element.')
  return { pages, remarks }
}

/** Pages as an OPML 2.0 outline. Built from the last page to the first, so that no depth is too deep. */
export function writeOpml(title: string, pages: { title: string; depth: number }[]): string {
  const below: Content[][] = []
  for (let index = pages.length - 1; index >= 0; index--) {
    const { title: text, depth } = pages[index]
    const inside = (below[depth + 1] ?? []).reverse()
    below[depth + 1] = []
    const outline = xmlElement('outline', { text }, inside.length ? [lines(inside), '\n'] : '')
    below[depth] ??= []
    below[depth].push(outline)
  }
  const head = xmlElement('head', {}, xmlElement('title', {}, title))
  const body = xmlElement('body', {}, [lines((below[0] ?? []).reverse()), '\n'])
  return xmlFile(xmlElement('opml', { version: '2.0' }, ['\n', head, '\n', body, '\n']))
}
