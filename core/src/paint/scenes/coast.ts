import { rectMark, type Mark } from '../../vector/mark'
import {
  between,
  blurred,
  downwards,
  ellipsePath,
  faded,
  glow,
  line,
  mixed,
  ridge,
  shape,
  smoothThrough,
  tenth,
  type Easel,
} from './scene'
import { vessel } from './vessel'

/** What the light is like: colours of the sky above and at the horizon, of its light, and how dark land is against it. */
interface Hour {
  above: string
  horizon: string
  light: string
  land: string
  /** how much haze far land stands in */
  haze: number
}

/** Morning, day, evening or dusk, in a guide's colours. */
function hourOf({ colours, random }: Easel): Hour {
  const { main, second, ground, ink } = colours
  const warm = mixed(second, ground, 0.62)
  const hours: Hour[] = [
    {
      above: mixed(main, ground, 0.62),
      horizon: mixed(warm, '#ffffff', 0.45),
      light: mixed(second, '#fff4d8', 0.78),
      land: mixed(main, ink, 0.35),
      haze: 0.82,
    },
    {
      above: mixed(main, '#ffffff', 0.42),
      horizon: mixed(ground, '#ffffff', 0.5),
      light: '#fff9e8',
      land: mixed(mixed(main, '#4d7a52', 0.45), ink, 0.15),
      haze: 0.7,
    },
    {
      above: mixed(main, second, 0.3),
      horizon: mixed(second, '#ffd9a0', 0.6),
      light: '#ffe9bd',
      land: mixed(main, ink, 0.55),
      haze: 0.6,
    },
    {
      above: mixed(main, ink, 0.55),
      horizon: mixed(mixed(main, second, 0.35), ground, 0.45),
      light: '#fdf1dc',
      land: mixed(main, ink, 0.75),
      haze: 0.55,
    },
  ]
  return hours[Math.floor(random() * hours.length)]
}

/** Isles one behind the other over still water, with a light low over the horizon and perhaps a boat. */
export function coast(easel: Easel): Mark[] {
  const { width, height, random } = easel
  const hour = hourOf(easel)
  const horizon = height * between(random, 0.56, 0.66)
  const sun = { x: width * between(random, 0.18, 0.82), y: horizon - height * between(random, 0.1, 0.34) }
  return [
    ...sky(easel, hour, horizon, sun),
    ...isles(easel, hour, horizon),
    ...water(easel, hour, horizon, sun),
    ...(random() < 0.75 ? boatOn(easel, hour, horizon) : []),
    ...foreground(easel, hour),
  ]
}

/** A quay with houses along it, their windows lit, and boats lying before them. */
export function harbour(easel: Easel): Mark[] {
  const { width, height, random } = easel
  const hour = hourOf(easel)
  const horizon = height * 0.6
  const sun = { x: width * between(random, 0.2, 0.8), y: horizon - height * 0.3 }
  return [
    ...sky(easel, hour, horizon, sun),
    ...isles(easel, hour, horizon),
    ...houses(easel, hour, horizon),
    ...water(easel, hour, horizon + height * 0.045, sun),
    ...boatOn(easel, hour, horizon + height * 0.05),
    ...(random() < 0.6 ? boatOn(easel, hour, horizon) : []),
  ]
}

function sky(
  { width, height, random }: Easel,
  hour: Hour,
  horizon: number,
  sun: { x: number; y: number },
): Mark[] {
  const frame = { x: 0, y: 0, width, height: horizon }
  const stops = [
    { at: 0, colour: hour.above },
    { at: 0.7, colour: mixed(hour.above, hour.horizon, 0.7) },
    { at: 1, colour: hour.horizon },
  ]
  const disc = width * between(random, 0.022, 0.034)
  const clouds = Array.from({ length: 5 }, () => cloud(width, horizon, hour, random))
  return [
    rectMark({ x: 0, y: 0, width, height }, { fill: hour.horizon }),
    rectMark(frame, { fill: downwards(frame, stops) }),
    glow(sun.x, sun.y, width * 0.42, hour.light, 0.85),
    shape(ellipsePath(sun.x, sun.y, disc, disc), mixed(hour.light, '#ffffff', 0.5)),
    blurred(width * 0.006, { x: -width * 0.2, y: 0, width: width * 1.4, height: horizon }, clouds),
  ]
}

/** A long thin cloud: a few flat ovals beside one another. */
function cloud(width: number, horizon: number, hour: Hour, random: () => number): Mark {
  const [x, y] = [width * random(), horizon * between(random, 0.12, 0.8)]
  const long = width * between(random, 0.08, 0.22)
  const puffs = Array.from({ length: 6 }, () => {
    const [dx, dy] = [between(random, -long, long), between(random, -0.1, 0.1) * long]
    return ellipsePath(x + dx, y + dy, long * between(random, 0.3, 0.7), long * between(random, 0.025, 0.06))
  })
  return faded(between(random, 0.25, 0.6), [shape(puffs.join(''), mixed(hour.light, hour.above, 0.12))])
}

/** Ridges from the farthest on, each darker and higher against the last. */
function isles({ width, random }: Easel, hour: Hour, horizon: number): Mark[] {
  const count = 4
  return Array.from({ length: count }, (_, index): Mark[] => {
    const near = (index + 1) / count
    const heights = ridge(random, 6, 0.52)
    const tall = width * between(random, 0.045, 0.085) * (0.55 + near * 0.75)
    // The farthest runs on past both edges.
    const from = index === 0 ? -0.2 * width : width * between(random, -0.15, 0.55)
    const wide = index === 0 ? 1.4 * width : width * between(random, 0.45, 0.8)
    // An isle rises from the water and falls back into it.
    const shaped = heights.map((height, at) => {
      const share = at / (heights.length - 1)
      const rise = index === 0 ? 0.7 : Math.sin(Math.PI * share) ** 0.7
      return Math.max(0, rise * (0.62 + 0.5 * height))
    })
    const top = smoothThrough([0, ...shaped, 0], wide, (h) => horizon - h * tall, from)
    const d = `M${tenth(from)} ${tenth(horizon)}${top}Z`
    const land = mixed(hour.land, hour.horizon, hour.haze * (1 - near * 0.85))
    const frame = { x: 0, y: horizon - tall, width, height: tall }
    const misty = mixed(land, hour.horizon, 0.45)
    return [
      shape(
        d,
        downwards(frame, [
          { at: 0, colour: land },
          { at: 0.6, colour: land },
          { at: 1, colour: misty },
        ]),
      ),
    ]
  }).flat()
}

function water(
  { width, height, colours, random }: Easel,
  hour: Hour,
  horizon: number,
  sun: { x: number; y: number },
): Mark[] {
  const frame = { x: 0, y: horizon, width, height: height - horizon }
  const deep = mixed(mixed(colours.main, colours.ink, 0.35), hour.above, 0.25)
  const stops = [
    { at: 0, colour: mixed(hour.horizon, deep, 0.3) },
    { at: 0.4, colour: mixed(hour.above, deep, 0.62) },
    { at: 1, colour: deep },
  ]
  // The light lies on the water in strokes that get longer and rarer towards the viewer.
  const glints = Array.from({ length: 46 }, (_, index) => {
    const down = (index / 46) ** 1.5
    const y = horizon + 3 + down * (height - horizon)
    const spread = width * (0.012 + 0.07 * down)
    const x = sun.x + between(random, -1, 1) * spread
    const half = width * (0.006 + 0.03 * down) * between(random, 0.4, 1)
    return shape(ellipsePath(x, y, half, 0.7 + 2.4 * down), hour.light)
  })
  const ripples = Array.from({ length: 60 }, () => {
    const down = random() ** 1.4
    const y = horizon + 4 + down * (height - horizon)
    const [x, long] = [width * random(), width * (0.015 + 0.1 * down) * between(random, 0.5, 1.4)]
    const d = `M${tenth(x)} ${tenth(y)}q${tenth(long / 2)} ${tenth(2 + 4 * down)} ${tenth(long)} 0`
    return line(d, mixed(hour.horizon, deep, random() < 0.5 ? 0.25 : 1.15), 0.8 + 1.8 * down, 0.32)
  })
  return [
    rectMark(frame, { fill: downwards(frame, stops) }),
    ...ripples,
    faded(0.6, glints),
    faded(0.5, [line(`M0 ${tenth(horizon)}H${width}`, mixed(hour.horizon, '#ffffff', 0.5), 1.2)]),
  ]
}

function boatOn({ width, height, colours, random }: Easel, hour: Hour, horizon: number): Mark[] {
  const near = between(random, 0.12, 0.42)
  const size = (width / 1440) * (0.55 + near * 2.1)
  const [x, y] = [width * between(random, 0.12, 0.72), horizon + near * (height - horizon)]
  return vessel({ x, y, size, colours, light: hour.light, isLit: hour.haze < 0.65 })
}

/** Gabled houses along a quay, in pale colours, some windows lit. */
function houses({ width, height, colours, random }: Easel, hour: Hour, horizon: number): Mark[] {
  const marks: Mark[] = []
  const foot = horizon + height * 0.03
  const walls = [
    '#f4ead9',
    colours.ground,
    mixed(colours.second, '#ffffff', 0.6),
    mixed(colours.main, '#ffffff', 0.7),
  ]
  for (let x = -20; x < width;) {
    const wide = width * between(random, 0.045, 0.085)
    const tall = height * between(random, 0.1, 0.19)
    const wall = mixed(walls[Math.floor(random() * walls.length)], hour.land, 0.12 + 0.2 * (1 - hour.haze))
    const roof = mixed(random() < 0.5 ? colours.second : colours.ink, hour.land, 0.35)
    const gable = tall * between(random, 0.28, 0.42)
    marks.push(
      rectMark({ x, y: foot - tall, width: wide, height: tall }, { fill: wall }),
      shape(
        `M${tenth(x - 3)} ${tenth(foot - tall)}L${tenth(x + wide / 2)} ${tenth(foot - tall - gable)}L${tenth(x + wide + 3)} ${tenth(foot - tall)}Z`,
        roof,
      ),
    )
    const across = Math.max(2, Math.round(wide / (width * 0.022)))
    const rows = Math.max(2, Math.round(tall / (height * 0.055)))
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < across; column++) {
        const isLit = random() < 0.4
        const cell = { w: wide / across, h: tall / rows }
        marks.push(
          rectMark(
            {
              x: x + column * cell.w + cell.w * 0.3,
              y: foot - tall + row * cell.h + cell.h * 0.25,
              width: cell.w * 0.4,
              height: cell.h * 0.48,
            },
            { fill: isLit ? mixed(hour.light, colours.second, 0.12) : mixed(hour.land, wall, 0.35) },
          ),
        )
      }
    x += wide + (random() < 0.25 ? width * 0.012 : 0)
  }
  const quay = mixed(hour.land, colours.ground, 0.3)
  marks.push(rectMark({ x: 0, y: foot, width, height: height * 0.03 }, { fill: quay }))
  return marks
}

/** Grass and stones at the foot, out of focus, so that one looks from the land. */
function foreground({ width, height, random }: Easel, hour: Hour): Mark[] {
  if (random() < 0.35) return []
  const heights = ridge(random, 5, 0.6)
  const from = random() < 0.5 ? 0 : 1
  const shaped = heights.map((value, index) => {
    const share = index / (heights.length - 1)
    const side = from ? share : 1 - share
    return Math.max(0, side ** 1.6 * (0.75 + 0.25 * value))
  })
  const tall = height * between(random, 0.13, 0.22)
  const d = `M0 ${height}L0 ${tenth(height - shaped[0] * tall)}${smoothThrough(shaped, width, (h) => height - h * tall)}L${width} ${height}Z`
  const around = { x: -20, y: height - tall * 1.6, width: width + 40, height: tall * 1.6 + 20 }
  return [blurred(width * 0.0022, around, [shape(d, mixed(hour.land, '#0c1210', 0.45))])]
}
