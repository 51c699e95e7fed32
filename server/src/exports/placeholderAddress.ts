import type { ShownPicture } from '@nolvex/core/block/primitive'
import { placeholderPicture } from '@nolvex/core/markup/placeholderPicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { playMarks } from '@nolvex/core/paint/playMarks'
import { standInMap } from '@nolvex/core/paint/standInMap'

/** What stands for a picture that has not been chosen, or for the map of a place, as a data address. */
export function placeholderAddress({ width, height, plays, alt }: ShownPicture): string {
  const svg = plays === 'map' ? mapSvg(alt, width, height) : placeholderPicture(width, height)
  return `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`
}

function mapSvg(alt: string, width: number, height: number): string {
  const frame = { x: 0, y: 0, width, height }
  const marks = [...standInMap(alt, frame), ...playMarks('map', frame)]
  return pictureSvg({ width, height, unit: 'px', title: alt, ground: '#eceeea', marks })
}
