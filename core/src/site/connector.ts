export type ConnectorKind = 'straight' | 'stepped' | 'curved'

interface Point {
  x: number
  y: number
}

/**
 * The line from a page down (or across) to one below it, as SVG path data.
 * @param from middle of the parent's far edge; @param to middle of the child's near edge
 */
export function connectorPath(
  kind: ConnectorKind,
  from: Point,
  to: Point,
  direction: 'down' | 'across',
): string {
  const start = `M${round(from.x)} ${round(from.y)}`
  const end = `${round(to.x)} ${round(to.y)}`
  if (kind === 'straight') return `${start}L${end}`
  const [middleX, middleY] = [(from.x + to.x) / 2, (from.y + to.y) / 2]
  const turns =
    direction === 'down'
      ? [`${round(from.x)} ${round(middleY)}`, `${round(to.x)} ${round(middleY)}`]
      : [`${round(middleX)} ${round(from.y)}`, `${round(middleX)} ${round(to.y)}`]
  return kind === 'curved' ? `${start}C${turns.join(' ')} ${end}` : `${start}L${turns.join('L')}L${end}`
}

const round = (value: number) => Math.round(value * 100) / 100
