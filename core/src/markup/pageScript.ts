import { fixedScript } from '../text/elementWriter'
import type { BlockNode } from '../resolve/node'

/**
 * What makes tabs, menu buttons and carousels work in an exported page; without it everything in them shows.
 * @see WAI-ARIA Authoring Practices: tabs with automatic activation, disclosure of navigation, carousel
 */
export const PAGE_SCRIPT = fixedScript`
const isShown = (element) => getComputedStyle(element).display !== 'none'
// Only what differs from the style sheet is set, so that a wider window shows what it shows.
const show = (element, wanted) => {
  element.removeAttribute('data-open')
  element.removeAttribute('data-shut')
  if (isShown(element) !== wanted) element.setAttribute(wanted ? 'data-open' : 'data-shut', '')
}

for (const tabs of document.querySelectorAll('[data-tabs]')) {
  const bar = tabs.querySelector('[data-bar]')
  const buttons = [...bar.children]
  const panes = buttons.map((button) => document.getElementById(button.dataset.pane))
  bar.setAttribute('role', 'tablist')
  const select = (selected, isFocused) => buttons.forEach((button, index) => {
    const isOpen = index === selected
    button.setAttribute('role', 'tab')
    button.setAttribute('aria-controls', panes[index].id)
    button.setAttribute('aria-selected', String(isOpen))
    button.tabIndex = isOpen ? 0 : -1
    panes[index].setAttribute('role', 'tabpanel')
    show(panes[index], isOpen)
    if (isOpen && isFocused) button.focus()
  })
  buttons.forEach((button, index) => {
    button.addEventListener('click', () => select(index))
    button.addEventListener('keydown', ({ key }) => {
      const last = buttons.length - 1
      const to = { ArrowLeft: index ? index - 1 : last, ArrowRight: index < last ? index + 1 : 0, Home: 0, End: last }[key]
      if (to !== undefined) select(to, true)
    })
  })
  select(Math.max(0, panes.findIndex(isShown)))
}

for (const button of document.querySelectorAll('button[aria-controls][aria-expanded]')) {
  const list = document.getElementById(button.getAttribute('aria-controls'))
  const open = (isOpen) => {
    button.setAttribute('aria-expanded', String(isOpen))
    show(list, isOpen)
  }
  button.addEventListener('click', () => open(button.getAttribute('aria-expanded') !== 'true'))
  const closeByKey = ({ key }) => {
    if (key !== 'Escape' || button.getAttribute('aria-expanded') !== 'true') return
    open(false)
    button.focus()
  }
  button.addEventListener('keydown', closeByKey)
  list.addEventListener('keydown', closeByKey)
}

for (const carousel of document.querySelectorAll('[data-slides]')) {
  const slides = [...carousel.children].filter((child) => child.hasAttribute('data-kept'))
  const step = (sign) => {
    const shown = slides.map(isShown)
    const count = Math.max(1, shown.filter(Boolean).length)
    const first = Math.max(0, shown.indexOf(true)) + sign * count
    const from = Math.max(0, Math.min(slides.length - count, first))
    slides.forEach((slide, index) => show(slide, index >= from && index < from + count))
  }
  for (const button of carousel.querySelectorAll('[data-step]'))
    button.addEventListener('click', () => step(button.dataset.step === 'next' ? 1 : -1))
}
`

const WORKED = ['data-tabs', 'data-slides', 'aria-expanded']

/** Whether anything on a page asks for the script. */
export const needsScript = (nodes: BlockNode[]): boolean =>
  nodes.some(
    ({ attributes, children }) =>
      WORKED.some((name) => attributes[name] !== undefined) || needsScript(children),
  )
