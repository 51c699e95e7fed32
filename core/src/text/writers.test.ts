import fc from 'fast-check'
import { cssAtWidth, cssComment, cssFontFace, cssRule, cssSheet, cssString, writtenCss } from './cssWriter'
import { htmlDownload, htmlElement, htmlPage, htmlStyle, written, xmlElement, xmlFile } from './elementWriter'
import { isOwnAddress, isSafeLink } from './safeAddress'

describe('elements', () => {
  test('hold text as text, and markup as markup', () => {
    const inner = htmlElement('b', {}, 'x < y')
    expect(written(htmlElement('p', { class: 'a"b', id: undefined }, ['1 & ', inner]))).toBe(
      '<p class="a&quot;b">1 &amp; <b>x &lt; y</b></p>',
    )
    expect(written(htmlElement('br', {}))).toBe('<br>')
    expect(written(xmlElement('rect', { width: 4 }))).toBe('<rect width="4"/>')
    expect(xmlFile(xmlElement('a', {}, 'ü'))).toBe('<?xml version="1.0" encoding="UTF-8"?>\n<a>ü</a>\n')
  })

  test.each([
    ['script', {}],
    ['IFRAME', {}],
    ['p onclick', {}],
    ['p', { onclick: 'x' }],
    ['p', { style: 'color: red' }],
    ['p', { 'a="b" c': 'x' }],
  ])('<%s %j> is never written', (name, attributes) => {
    expect(() => htmlElement(name, attributes as never)).toThrow('no')
    expect(() => xmlElement(name, attributes as never)).toThrow('no')
  })

  test.each([
    ['img', 'src', 'http://elsewhere.example/x.png', false],
    ['img', 'src', '//elsewhere.example/x.png', false],
    ['img', 'src', 'data:image/png;base64,AA==', true],
    ['img', 'src', 'data:text/html;base64,AA==', false],
    ['img', 'src', 'pictures/sea.png', true],
    ['image', 'href', '/api/projects/x/assets/y', true],
    ['image', 'xlink:href', 'file:///etc/passwd', false],
    ['a', 'href', 'https://skerrin.example', true],
    ['a', 'href', 'javascript:alert(1)', false],
    ['a', 'href', ' javascript:alert(1)', false],
    ['a', 'href', 'data:text/html,x', false],
    ['a', 'href', '#fares', true],
  ])('<%s %s="%s"> leads or loads: %s', (name, attribute, address, expected) => {
    expect(written(xmlElement(name, { [attribute]: address })).includes(attribute)).toBe(expected)
  })

  test('what is kept from a page travels along in it, and is named as text', () => {
    const kept = written(htmlDownload('a"b.png', 'data:image/png;base64,AA==', 'Logo & more'))
    expect(kept).toBe('<a download="a&quot;b.png" href="data:image/png;base64,AA==">Logo &amp; more</a>')
    for (const address of ['data:text/html;base64,AA==', 'javascript:x', 'http://elsewhere.example/x.png'])
      expect(written(htmlDownload('x', address, 'x'))).toBe('')
  })

  test('a page holds its styles as they were written, and its language as text', () => {
    const page = written(
      htmlPage('en"><script>', htmlStyle(cssSheet([cssRule('p', [['color', '#fff']])])), 'x'),
    )
    expect(page).toContain('<style>\np { color: #fff }\n</style>')
    expect(page).not.toContain('<script')
  })
})

describe('CSS', () => {
  test('strings end where they should, whatever is in them', () => {
    expect(cssString('Public Sans')).toBe('"Public Sans"')
    expect(cssString('a"b\\c</style>\nd')).toBe('"a\\22 b\\5c c\\3c /style\\3e \\a d"')
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const inside = cssString(text).slice(1, -1)
        expect(inside).not.toMatch(/["<>\n\r\f]/)
        // Read back as CSS Syntax 3 says (4.3.7): an escape is its code point.
        const read = inside.replace(/\\([\da-f]{1,6}) /g, (_, code: string) =>
          String.fromCodePoint(parseInt(code, 16)),
        )
        expect(read).toBe(text.replaceAll('\0', '\uFFFD'))
      }),
      { numRuns: 300, seed: 10 },
    )
  })

  test.each([
    ['16px', true],
    ['calc(50% + (4px - 20px / 2))', true],
    ['"Public Sans", sans-serif', true],
    ['round(nearest, 1.45em, 1px)', true],
    ['max(24px, (100% - 1312px) / 2)', true],
    ['red; background: url(x)', false],
    ['red } body { color: red', false],
    ['url(http://elsewhere.example)', false],
    ['u\\72l(x)', false],
    ['"open', false],
    ['(1px', false],
    ['1px)', false],
    ['1px /* x', false],
    ['</style>', false],
    ['image-set("x" 1x)', false],
  ])('%s is a value: %s', (value, expected) => {
    expect(writtenCss(cssRule('.a', [['width', value]])) !== '').toBe(expected)
  })

  test('selectors and properties are names', () => {
    expect(() => cssRule('a, b', [])).toThrow('no class or element')
    expect(() => cssRule('.a', [['wi:dth', '1px']])).toThrow('no property')
  })

  test('rules stand at widths, and empty ones nowhere', () => {
    const rule = cssRule('.a', [['width', '1px']])
    expect(writtenCss(cssAtWidth('<', 680, [rule]))).toBe('@media (width < 680px) {\n.a { width: 1px }\n}')
    expect(writtenCss(cssAtWidth('>=', 680, [cssRule('.a', [])]))).toBe('')
    expect(writtenCss(cssSheet([rule, cssRule('.b', []), rule]))).toBe(
      '.a { width: 1px }\n.a { width: 1px }\n',
    )
  })

  test('fonts come from the page itself, comments end where they should', () => {
    const font = { family: 'A"B', weight: 400, italic: true }
    expect(writtenCss(cssFontFace(font, 'http://elsewhere.example/a.ttf'))).toBe('')
    expect(writtenCss(cssFontFace(font, 'fonts/a.ttf'))).toBe(
      '@font-face { font-family: "A\\22 B"; font-weight: 400; font-style: italic; src: url("fonts/a.ttf") }',
    )
    expect(cssComment('a */ b { } /* c')).toBe('/* a b { } c */')
  })
})

test('addresses of our own and safe links are told from others', () => {
  expect(['a.png', './a.png', '../a/b.png', '/a/b', 'data:,'].every(isOwnAddress)).toBe(true)
  expect(['//a.example', 'http:a', 'a b', 'data:image/svg+xml,<svg>', ''].some(isOwnAddress)).toBe(false)
  expect(['https://a.example', 'mailto:a@b', 'tel:+1', '/a', '#a', './a'].every(isSafeLink)).toBe(true)
  expect(['//a.example', 'vbscript:x', 'JAVASCRIPT:x', 'a'].some(isSafeLink)).toBe(false)
})
