import { computed } from 'vue'
import { pageAddresses } from '@nolvex/core/site/address'
import { frameTakes } from '@nolvex/core/viewport/frame'
import { useViewport } from '../screens/useViewport'
import { useProject } from '../session/projectStore'
import type { DraftingPage } from './usePage'

/** The browser frame around the page, where one is shown, and what it is shown with. */
export function useFramedPage(page: DraftingPage) {
  const project = useProject()
  const { chosen, frame, viewport } = useViewport()
  const record = computed(() => project.site.records.pages[page.page.value])
  const framed = computed(() => (chosen.value.isFramed && viewport.value ? frame.value : undefined))

  /** px of the page that show at once */
  const windowHeight = computed(() => (framed.value ? (viewport.value?.height ?? 0) : page.pageHeight.value))
  /** all of it at 100 %, px */
  const natural = computed(() => {
    const { left, right, top, bottom } = frameTakes(framed.value ?? { parts: [] })
    return { width: left + right + page.width.value, height: top + bottom + windowHeight.value }
  })

  const address = computed(() => {
    const { address: site = '' } = project.site.records.settings.site
    const path = pageAddresses(project.site.records.pages).get(page.page.value) ?? ''
    return `${site.replace(/^https?:\/\//, '').replace(/\/$/, '')}${path}` || path
  })

  /** What the frame is shown with; nothing without one. */
  function frameProps(zoom: number, scrollTop: number) {
    if (!framed.value) return {}
    const most = Math.max(1, (page.pageHeight.value - windowHeight.value) * zoom)
    return {
      frame: framed.value,
      zoom,
      width: page.width.value,
      height: windowHeight.value,
      title: record.value?.title || 'Untitled',
      address: address.value,
      scrollBars: chosen.value.scrollBars,
      scrolled: Math.min(1, scrollTop / most),
      share: Math.min(1, windowHeight.value / page.pageHeight.value),
    }
  }
  /** The part of the desk the page is seen through. */
  const paneStyle = (zoom: number) => ({
    width: `${page.pageWidth.value * zoom}px`,
    height: framed.value ? `${windowHeight.value * zoom}px` : undefined,
  })

  return {
    framed,
    natural,
    windowHeight,
    frameProps,
    paneStyle,
    underlay: computed(() => record.value?.underlay),
    ground: computed(() => {
      const isMockup = page.as.value === 'mockup'
      const own = isMockup ? page.layout.value?.ground : project.site.records.settings.site.pageGround
      return own ?? '#ffffff'
    }),
  }
}
