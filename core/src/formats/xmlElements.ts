import { SaxesParser, type SaxesTagPlain } from 'saxes'
import { checkText, ImportError } from './importedPages'

/** What a reader wants to know of an XML file: elements as they open and close, with the line they stand on. */
export interface XmlHandlers {
  open: (name: string, attributes: Record<string, string>, line: number) => void
  close?: (name: string, text: string) => void
  /** text as it comes, wherever it stands */
  text?: (text: string) => void
}

/**
 * Reads XML element by element. Entities a file defines itself are refused, so that none can expand.
 * @throws ImportError that names line and column
 */
export function readXml(xml: string, { open, close, text: said }: XmlHandlers) {
  checkText(xml)
  if (/<!DOCTYPE[^>]*\[/i.test(xml.slice(0, 10_000)))
    throw new ImportError(
      'The file defines entities of its own (DOCTYPE), which is not safe to read. Take them out.',
    )
  const parser = new SaxesParser()
  const texts: string[] = []
  parser.on('opentag', ({ name, attributes }: SaxesTagPlain) => {
    texts.push('')
    open(name, attributes, parser.line)
  })
  const addText = (text: string) => {
    said?.(text)
    if (texts.length) texts[texts.length - 1] += text
  }
  parser.on('text', addText)
  parser.on('cdata', addText)
  parser.on('closetag', ({ name }) => close?.(name, (texts.pop() ?? '').trim()))
  parser.on('error', ({ message }) => {
    const what = message.replace(/^\d+:\d+: /, '')
    throw new ImportError(`The XML is broken at line ${parser.line}, column ${parser.column}: ${what}`)
  })
  parser.write(xml.replace(/^\uFEFF/, '')).close()
}
