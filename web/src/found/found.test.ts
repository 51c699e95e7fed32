import { strToU8, zipSync } from 'fflate'
import { fileNamed, readPageFiles } from './readPageFiles'
import { withoutFetching, withoutInlineStyles } from './withoutFetching'

const file = (name: string, content: string | Uint8Array) => new File([content as BlobPart], name)
const zip = (entries: Record<string, string>) =>
  file(
    'page.zip',
    zipSync(Object.fromEntries(Object.entries(entries).map(([name, text]) => [name, strToU8(text)]))),
  )

test('the page nearest the top is opened, index.html before others', async () => {
  const page = await readPageFiles([
    zip({
      'site/deep/other.html': 'c',
      'site/zebra.html': 'b',
      'site/index.html': 'a',
      'site/look.css': 'p {}',
    }),
  ])
  expect(page).toMatchObject({ html: 'a', folder: 'site/' })
})

test('an address in the page finds the file that came along, and no other', async () => {
  const page = await readPageFiles([
    zip({ 'site/index.html': '', 'site/css/a b.css': 'x', 'shared.css': 'y' }),
  ])
  const found = (address: string) => {
    const bytes = fileNamed(page, address)
    return bytes && new TextDecoder().decode(bytes)
  }
  expect(found('css/a%20b.css?v=2')).toBe('x')
  expect(found('./css/../css/a b.css#top')).toBe('x')
  expect(found('../shared.css')).toBe('y')
  expect(found('/shared.css')).toBe('y')
  for (const address of [
    'https://elsewhere.example/shared.css',
    '//elsewhere/shared.css',
    '',
    'none.css',
    '%zz',
  ])
    expect(found(address)).toBeUndefined()
})

test('what cannot be opened says why', async () => {
  await expect(readPageFiles([zip({ 'readme.txt': '' })])).rejects.toThrow('no HTML file')
  await expect(readPageFiles([file('page.zip', 'not a zip')])).rejects.toThrow('cannot be read')
  await expect(readPageFiles([file('page.html', 'x'.repeat(6 * 1024 * 1024))])).rejects.toThrow(
    'larger than 5 MB',
  )
  const many = Object.fromEntries(Array.from({ length: 1100 }, (_, index) => [`${index}.txt`, '']))
  await expect(readPageFiles([zip(many)])).rejects.toThrow('1000 files')
  const bomb = zipSync({ 'page.html': new Uint8Array(70 * 1024 * 1024) })
  expect(bomb.length).toBeLessThan(1024 * 1024)
  await expect(readPageFiles([file('page.zip', bomb)])).rejects.toThrow('60 MB')
})

test('CSS keeps its looks and fetches nothing', () => {
  const kept = 'a { color: red; background: url(data:image/png;base64,AA==) }'
  expect(withoutFetching(kept)).toBe(kept)
  for (const css of [
    '@import url(https://elsewhere.example/a.css); a { color: red }',
    "@IMPORT 'https://elsewhere.example/a.css'; a { color: red }",
    '@font-face { font-family: x; src: url(https://elsewhere.example/x.woff2) } a { color: red }',
    'a { color: red; background: URL( "https://elsewhere.example/a.png" ) }',
    "a { color: red; background: image-set(url('https://elsewhere.example/a.png') 1x) }",
    'a { color: red; background: -webkit-image-set("https://elsewhere.example/a.png" 1x) }',
    'a { color: red; background: url(data:text/html,https://elsewhere.example) }',
  ]) {
    expect(withoutFetching(css)).toContain('color: red')
    expect(withoutFetching(css)).not.toContain('elsewhere')
  }
})

test('style elements leave a mark in their place', () => {
  const { html, inline } = withoutInlineStyles(
    '<style media="all">a > b {}</style><p></p><STYLE>c {}</STYLE >',
  )
  expect(inline).toEqual(['a > b {}', 'c {}'])
  expect(html).toBe('<link rel="stylesheet" data-inline="0"><p></p><link rel="stylesheet" data-inline="1">')
})
