/** Flat pictures of the invented isles, drawn as SVG: sky, hills, sea and a boat or a house. */
interface Scene {
  sky: string
  hills: [far: string, near: string]
  sea: string
  /** where the far hill's top is, 0 to 1 of the width */
  peak: number
  boat?: { x: number; size: number }
  house?: { x: number }
}

const WIDTH = 1200
const HEIGHT = 800
const HORIZON = 500

/** An SVG of a scene, 1200 by 800. */
export function scenery({ sky, hills, sea, peak, boat, house }: Scene): string {
  const top = peak * WIDTH
  const far = `M${top - 420} ${HORIZON}L${top - 130} 290L${top} 230L${top + 90} 300L${top + 380} ${HORIZON}Z`
  const near = `M-40 ${HORIZON}L160 400L330 430L560 ${HORIZON}ZM${WIDTH - 420} ${HORIZON}L${WIDTH - 150} 380L${WIDTH + 60} ${HORIZON}Z`
  const waves = Array.from({ length: 7 }, (_, row) => {
    const y = HORIZON + 30 + row * 38
    return `M${(row * 137) % 200} ${y}h${180 + row * 30}M${((row * 311) % 700) + 360} ${y + 12}h${120 + row * 40}`
  }).join('')
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">
<rect width="${WIDTH}" height="${HEIGHT}" fill="${sky}"/>
<circle cx="${WIDTH - top}" cy="170" r="70" fill="#fff6dd" opacity="0.8"/>
<path d="${far}" fill="${hills[0]}"/><path d="${near}" fill="${hills[1]}"/>
<rect y="${HORIZON}" width="${WIDTH}" height="${HEIGHT - HORIZON}" fill="${sea}"/>
<path d="${waves}" stroke="#ffffff" stroke-width="5" opacity="0.35"/>
${house ? houseAt(house.x) : ''}${boat ? boatAt(boat.x, boat.size) : ''}</svg>`
}

function boatAt(x: number, size: number): string {
  return `<g transform="translate(${x} 560) scale(${size})"><path d="M0 0H300L262 70H40Z" fill="#17211e"/><path d="M0 0H300L292 16H8Z" fill="#b9770e"/><rect x="60" y="-60" width="170" height="60" fill="#fbfaf6"/><rect x="120" y="-110" width="80" height="50" fill="#fbfaf6"/><rect x="150" y="-150" width="26" height="40" fill="#a63d2a"/><path d="M76 -42h24v20h-24zM116 -42h24v20h-24zM156 -42h24v20h-24zM196 -42h24v20h-24zM132 -96h56v18h-56z" fill="#3e5c76"/></g>`
}

function houseAt(x: number): string {
  return `<g transform="translate(${x} 410)"><rect width="120" height="90" fill="#fbfaf6"/><path d="M-14 0L60 -56L134 0Z" fill="#a63d2a"/><rect x="46" y="36" width="28" height="54" fill="#1f5b4c"/></g>`
}
