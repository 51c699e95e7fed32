import { rectMark, type Mark } from '../../vector/mark'
import {
  between,
  blurred,
  downwards,
  ellipsePath,
  faded,
  line,
  mixed,
  shape,
  tenth,
  type Easel,
} from './scene'

/** An isle from above: surf and shallows round it, fields, a road and a landing. */
export function aerial({ width, height, colours, random }: Easel): Mark[] {
  const { main, second, ground, ink } = colours
  const frame = { x: 0, y: 0, width, height }
  const deep = mixed(main, ink, 0.25)
  const centre = { x: width * between(random, 0.4, 0.6), y: height * between(random, 0.44, 0.56) }
  const radius = Math.min(width, height) * between(random, 0.3, 0.38)
  const wobble = Array.from({ length: 5 }, (_, index) => ({
    turns: index + 2,
    reach: between(random, 0, 0.16) / (1 + index * 0.6),
    from: between(random, 0, 2 * Math.PI),
  }))
  /** The coast, so many times as far from the middle. */
  const coastAt = (times: number) => {
    const points = Array.from({ length: 72 }, (_, index) => {
      const angle = (index / 72) * 2 * Math.PI
      const out = wobble.reduce((sum, one) => sum + one.reach * Math.sin(one.turns * angle + one.from), 1)
      return [
        centre.x + Math.cos(angle) * radius * out * times * 1.35,
        centre.y + Math.sin(angle) * radius * out * times,
      ]
    })
    return `M${points.map(([x, y]) => `${tenth(x)} ${tenth(y)}`).join('L')}Z`
  }
  const land = mixed(mixed(main, '#6d8f4e', 0.7), ground, 0.18)
  const fields = Array.from({ length: 16 }, () => {
    const angle = random() * 2 * Math.PI
    const far = Math.sqrt(random()) * 0.62 * radius
    const [x, y] = [centre.x + Math.cos(angle) * far * 1.35, centre.y + Math.sin(angle) * far]
    const [w, h, slant] = [
      radius * between(random, 0.16, 0.34),
      radius * between(random, 0.1, 0.22),
      between(random, -0.3, 0.3),
    ]
    const tint = mixed(
      land,
      random() < 0.5 ? mixed(second, ground, 0.55) : mixed(main, '#3e6b3c', 0.6),
      between(random, 0.15, 0.5),
    )
    return shape(
      `M${tenth(x)} ${tenth(y)}l${tenth(w)} ${tenth(w * slant)}l${tenth(-h * slant)} ${tenth(h)}l${tenth(-w)} ${tenth(-w * slant)}Z`,
      tint,
    )
  })
  const waves = Array.from({ length: 60 }, () => {
    const [x, y, long] = [width * random(), height * random(), width * between(random, 0.012, 0.03)]
    return line(
      `M${tenth(x)} ${tenth(y)}q${tenth(long / 2)} -4 ${tenth(long)} 0`,
      mixed(main, '#ffffff', 0.5),
      1.3,
      0.28,
    )
  })
  const landing = { x: centre.x + radius * 1.28, y: centre.y + radius * 0.12 }
  const road = `M${tenth(landing.x - radius * 0.3)} ${tenth(landing.y)}Q${tenth(centre.x)} ${tenth(centre.y + radius * 0.4)} ${tenth(centre.x - radius * 0.7)} ${tenth(centre.y - radius * 0.2)}`
  return [
    rectMark(frame, {
      fill: downwards(frame, [
        { at: 0, colour: mixed(deep, main, 0.4) },
        { at: 1, colour: deep },
      ]),
    }),
    ...waves,
    blurred(radius * 0.05, { x: -50, y: -50, width: width + 100, height: height + 100 }, [
      shape(coastAt(1.28), mixed(main, '#9fe0d6', 0.42)),
    ]),
    blurred(radius * 0.02, { x: -50, y: -50, width: width + 100, height: height + 100 }, [
      shape(coastAt(1.1), mixed(main, '#c9f2e6', 0.68)),
    ]),
    shape(coastAt(1.03), mixed(ground, '#ffffff', 0.6)),
    shape(coastAt(1), mixed('#ead9ae', ground, 0.3)),
    shape(coastAt(0.94), land),
    { type: 'group', clip: { type: 'path', d: coastAt(0.92) }, marks: fields },
    line(road, mixed(ground, '#ead9ae', 0.5), Math.max(2, radius * 0.016)),
    ...houses(random, centre, radius, second, ground),
    line(
      `M${tenth(landing.x - radius * 0.12)} ${tenth(landing.y)}h${tenth(radius * 0.34)}`,
      mixed(ink, ground, 0.5),
      radius * 0.028,
    ),
    boat(landing.x + radius * 0.34, landing.y - radius * 0.03, radius * 0.09, second),
  ]
}

function houses(
  random: () => number,
  centre: { x: number; y: number },
  radius: number,
  second: string,
  ground: string,
): Mark[] {
  const side = radius * 0.035
  return Array.from({ length: 14 }, () => {
    const x = centre.x + radius * between(random, 0.35, 1.02)
    const y = centre.y + radius * between(random, -0.12, 0.34)
    const roof = random() < 0.6 ? second : mixed(ground, second, 0.25)
    return rectMark({ x, y, width: side * between(random, 0.9, 1.5), height: side }, { fill: roof })
  })
}

/** A boat from above with what it leaves behind it. */
function boat(x: number, y: number, long: number, second: string): Mark {
  const wake = faded(0.5, [
    shape(
      `M${tenth(x + long)} ${tenth(y)}L${tenth(x + long * 3)} ${tenth(y - long * 0.45)}L${tenth(x + long * 3)} ${tenth(y + long * 0.45)}Z`,
      '#ffffff',
    ),
  ])
  const hull = shape(ellipsePath(x + long * 0.5, y, long * 0.62, long * 0.2), '#ffffff')
  const deck = shape(ellipsePath(x + long * 0.55, y, long * 0.3, long * 0.1), second)
  return { type: 'group', marks: [wake, hull, deck] }
}
