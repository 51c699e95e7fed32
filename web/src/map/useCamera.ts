import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom'
import { nextTick, onMounted, shallowRef, type Ref } from 'vue'

interface Extent {
  width: number
  height: number
}

/** Panning and zooming a surface in its frame. */
export function useCamera(
  frame: Ref<HTMLElement | undefined>,
  surface: Ref<HTMLElement | undefined>,
  extent: Ref<Extent>,
) {
  const camera = shallowRef<ZoomTransform>(zoomIdentity)
  const behaviour = zoom<HTMLElement, unknown>()
    .scaleExtent([0.05, 2])
    .filter((event: Event) => !(event.target as HTMLElement).closest('.card') || event.type === 'wheel')
    .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
      camera.value = transform
      // Straight to the style, past Vue: panning must not wait for it.
      if (surface.value)
        surface.value.style.transform = `translate(${transform.x}px,${transform.y}px) scale(${transform.k})`
    })

  onMounted(async () => {
    if (!frame.value) return
    select(frame.value).call(behaviour).on('dblclick.zoom', null)
    await nextTick()
    fit()
  })

  /** Shows all of it. */
  function fit() {
    show({ x: 0, y: 0, ...extent.value }, 1)
  }

  /** Brings a part of the surface into the middle, as large as fits, at most `most` times its size. */
  function show(part: Extent & { x: number; y: number }, most: number) {
    if (!frame.value) return
    const { clientWidth, clientHeight } = frame.value
    const k = Math.max(
      0.05,
      Math.min(
        most,
        (clientWidth - 64) / Math.max(1, part.width),
        (clientHeight - 64) / Math.max(1, part.height),
      ),
    )
    const x = (clientWidth - part.width * k) / 2 - part.x * k
    const spare = clientHeight - part.height * k
    const y = Math.max(32, Math.min(spare / 2, spare * 0.3)) - part.y * k
    select(frame.value).call(behaviour.transform, zoomIdentity.translate(x, y).scale(k))
  }

  function zoomBy(factor: number) {
    if (frame.value) select(frame.value).call(behaviour.scaleBy, factor)
  }

  return { camera, fit, show, zoomBy }
}
