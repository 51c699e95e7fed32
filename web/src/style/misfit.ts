const SIZE = 100
const MONO = 'monospace'

/** Width of a text in a face of this computer or of the page, px; nothing where neither has it. */
function widthIn(family: string, text: string): number | undefined {
  const context = document.createElement('canvas').getContext('2d')
  if (!context) return undefined
  const measure = (font: string) => {
    context.font = `${SIZE}px ${font}`
    return context.measureText(text).width
  }
  const [own, without] = [measure(`"${family}", ${MONO}`), measure(MONO)]
  // A face nobody has is set in the one after it.
  return own === without && measure(`"${family}", serif`) === measure('serif') ? undefined : own
}

/** How much wider a text runs in the face that stands in for another, as a share; nothing where the other is not at hand. */
export function misfitOf(family: string, standIn: string, text: string): number | undefined {
  const [own, other] = [widthIn(family, text), widthIn(standIn, text)]
  return own && other ? other / own - 1 : undefined
}
