/** Boxes of one tree by block id: left, top, width, height in px from the tree's corner, and where lines begin. */
export type MeasuredTree = Record<string, { rect: [number, number, number, number]; lineStarts?: number[] }>

/** Runs in the page: mounts each exported page in a shadow root of its own, whose media queries see the window. */
export const mountInPage = `
const [pages, zoom, done] = arguments
document.documentElement.style.fontSize = zoom * 100 + '%'
document.documentElement.style.overflow = 'hidden'
document.body.replaceChildren()
document.body.style.cssText = 'margin:0'
// Properties are registered for documents only; the pages here stand in shadow roots.
for (const name of window.isReady ? [] : ['--page-ex', '--page-ch'])
  CSS.registerProperty({ name, syntax: '<length>', inherits: true, initialValue: '8px' })
window.isReady = true
for (const html of pages) {
  const parsed = new DOMParser().parseFromString(html, 'text/html')
  const host = document.createElement('div')
  host.className = 'tree'
  host.style.cssText = 'position:absolute;left:0;top:0;width:100%;visibility:hidden'
  const root = host.attachShadow({ mode: 'open' })
  const style = document.createElement('style')
  style.textContent = parsed.querySelector('style').textContent.replace(/^body /gm, '.body ')
  const body = document.createElement('div')
  body.className = 'body'
  body.append(...parsed.body.childNodes)
  root.append(style, body)
  document.body.append(host)
}
const pictures = [...document.querySelectorAll('.tree')].flatMap((host) => [...host.shadowRoot.querySelectorAll('img')])
Promise.all([document.fonts.ready, ...pictures.map((picture) => picture.decode().catch(() => {}))]).then(() => done())
`

/** Runs in the page: reads every box and the first character of every line. */
export const measureInPage = `
const place = (n) => Math.round(n * 1000) / 1000
const range = document.createRange()
function lineStarts(element) {
  const style = getComputedStyle(element)
  const lineHeight = parseFloat(style.lineHeight)
  const rect = element.getBoundingClientRect()
  const isButton = element.tagName === 'BUTTON'
  let top
  const starts = []
  let line = -1
  let at = 0
  const walk = (node) => {
    if (node.nodeName === 'BR') { at++; return }
    if (node.nodeType !== 3) { node.childNodes.forEach(walk); return }
    for (let i = 0; i < node.length; i++, at++) {
      if (/[\\s\\u00ad\\u2060]/.test(node.data[i])) continue
      range.setStart(node, i)
      range.setEnd(node, i + 1)
      // Of what follows a hyphen the first is the hyphen's.
      const r = [...range.getClientRects()].at(-1)
      if (!r) continue
      const middle = (r.top + r.bottom) / 2
      if (top === undefined) top = isButton ? middle - lineHeight / 2 : rect.top + parseFloat(style.paddingTop) + parseFloat(style.borderTopWidth)
      const here = Math.floor((middle - top) / lineHeight)
      if (here > line) { starts.push(at); line = here }
    }
  }
  element.childNodes.forEach(walk)
  return starts
}
return [...document.querySelectorAll('.tree')].map((host) => {
  const found = {}
  for (const element of host.shadowRoot.querySelectorAll('[data-key]')) {
    const r = element.getBoundingClientRect()
    const entry = { rect: [r.left, r.top, r.width, r.height].map(place) }
    const isText = /^(P|H[1-6]|A|BUTTON|BLOCKQUOTE|SPAN|LABEL|LEGEND|DT|DD|TH|TD|CAPTION)$/.test(element.tagName)
    const isWords = element.tagName === 'DIV' && !element.querySelector('[data-key]')
    if (isText || isWords) entry.lineStarts = lineStarts(element)
    found[element.dataset.key] = entry
  }
  return found
})
`
