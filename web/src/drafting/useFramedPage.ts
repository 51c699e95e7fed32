import { computed, type Ref } from 'vue'
import { pageAddresses } from '@nolvex/core/site/address'
import { frameTakes } from '@nolvex/core/viewport/frame'
import { useViewport } from '../screens/useViewport'
import { useProject } from '../session/projectStore'
import type { DraftingPage } from './usePage'

/** The browser frame around the page, where one is shown, and how large all of it is on the desk. */
export function useFramedPage(page: DraftingPage, deskWidth: Ref<number>, scrollTop: Ref<number>) {
  const project = useProject()
  const { chosen, frame, viewport } = useViewport()
  const record = computed(() => project.site.records.pages[page.page.value])
  const framed = computed(() => (chosen.value.isFramed && viewport.value ? frame.value : undefined))

  const widthWithFrame = computed(() => {
    const { left, right } = frameTakes(framed.value ?? { parts: [] })
    return left + right + page.width.value
  })
  const zoom = computed(() => Math.min(1, (deskWidth.value - 48) / widthWithFrame.value) || 1)
  /** px of the page that show at once */
  const windowHeight = computed(() => (framed.value ? (viewport.value?.height ?? 0) : page.pageHeight.value))

  const address = computed(() => {
    const { address: site = '' } = project.site.records.settings.site
    const path = pageAddresses(project.site.records.pages).get(page.page.value) ?? ''
    return `${site.replace(/^https?:\/\//, '').replace(/\/$/, '')}${path}` || path
  })

  /** What the frame is shown with; nothing without one. */
  const frameProps = computed(() => {
    if (!framed.value) return {}
    const most = Math.max(1, (page.pageHeight.value - windowHeight.value) * zoom.value)
    return {
      frame: framed.value,
      zoom: zoom.value,
      width: page.width.value,
      height: windowHeight.value,
      title: record.value?.title || 'Untitled',
      address: address.value,
      scrollBars: chosen.value.scrollBars,
      scrolled: Math.min(1, scrollTop.value / most),
      share: Math.min(1, windowHeight.value / page.pageHeight.value),
    }
  })
  /** The part of the desk the page is seen through. */
  const paneStyle = computed(() => ({
    width: `${page.pageWidth.value * zoom.value}px`,
    height: framed.value ? `${windowHeight.value * zoom.value}px` : undefined,
  }))

  return {
    framed,
    zoom,
    frameProps,
    paneStyle,
    underlay: computed(() => record.value?.underlay),
    ground: computed(() => project.site.records.settings.site.pageGround ?? '#ffffff'),
  }
}
