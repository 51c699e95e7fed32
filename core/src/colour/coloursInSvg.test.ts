import { coloursInSvg } from './coloursInSvg'

test('colours are found in attributes and in styles, those named most often first', () => {
  const svg = `<svg><style>.a{fill:rebeccapurple;stroke : #ABC}</style>
    <rect fill="#123456" stroke='none'/><path fill="#123456"/><path style="fill: rgb(18 52 86 / 50%)"/>
    <stop stop-color="#aabbcc"/><g fill="url(#shade)" stroke="currentColor"/></svg>`
  expect(coloursInSvg(svg)).toEqual(['#123456', '#aabbcc', '#663399'])
})

test('what is no drawing, or a drawing without colours, has none', () => {
  expect(coloursInSvg('')).toEqual([])
  expect(coloursInSvg('<svg><path d="M0 0"/></svg>')).toEqual([])
  expect(coloursInSvg(`fill="${'#'.repeat(100_000)}`)).toEqual([])
})
