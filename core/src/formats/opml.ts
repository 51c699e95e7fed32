import { escapeMarkup } from '../text/escapeMarkup'
import { cutTitle, ImportError, type ImportedPages, type ImportRemark } from './importedPages'
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
    },
    close(name) {
      if (name === 'outline') depth--
    },
  })
  if (!isOpml) throw new ImportError('This XML is no OPML: it has no opml element.')
  return { pages, remarks }
}

/** Pages as an OPML 2.0 outline. */
export function writeOpml(title: string, pages: { title: string; depth: number }[]): string {
  const lines: string[] = []
  pages.forEach((page, index) => {
    const indent = '  '.repeat(page.depth + 2)
    const next = pages[index + 1]?.depth ?? 0
    const opens = next > page.depth
    lines.push(`${indent}<outline text="${escapeMarkup(page.title)}"${opens ? '' : '/'}>`)
    for (let depth = page.depth; !opens && depth > next; depth--)
      lines.push(`${'  '.repeat(depth + 1)}</outline>`)
  })
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<opml version="2.0">',
    `  <head><title>${escapeMarkup(title)}</title></head>`,
    '  <body>',
    ...lines,
    '  </body>',
    '</opml>\n',
  ].join('\n')
}
