import { rectMark, type Mark } from '../../vector/mark'
import { between, downwards, ellipsePath, glow, mixed, shape, tenth, type Easel } from './scene'

const SKINS = ['#f1c9a8', '#dba47c', '#b97a52', '#8a5638', '#5d3a26']
const HAIR = ['#2b211c', '#5a3b25', '#a06a35', '#c9a36a', '#8d8d8d', '#3a2a3d']

/** Somebody of the crew, head and shoulders: nobody in particular. */
export function portrait({ width, height, colours, random }: Easel): Mark[] {
  const { main, second, ground, ink } = colours
  const frame = { x: 0, y: 0, width, height }
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]
  const behind = mixed(pick([main, second, mixed(main, second, 0.5)]), ground, between(random, 0.45, 0.7))
  const [skin, hair] = [pick(SKINS), pick(HAIR)]
  const coat = pick([
    mixed(main, ink, 0.35),
    mixed(second, ink, 0.2),
    mixed(ink, main, 0.2),
    mixed(main, ground, 0.25),
  ])
  const unit = Math.min(width, height) / 10
  const [x, y] = [width / 2 + between(random, -0.3, 0.3) * unit, height * 0.43]
  const [wide, tall] = [unit * between(random, 1.5, 1.7), unit * between(random, 1.85, 2.1)]
  const shade = mixed(skin, ink, 0.18)
  const isLong = random() < 0.45
  const foot = y + tall
  const shoulders = `M${tenth(x - unit * 4.2)} ${height}C${tenth(x - unit * 4)} ${tenth(foot + unit * 1.6)} ${tenth(x - unit * 1.6)} ${tenth(foot + unit * 0.9)} ${tenth(x - unit * 0.8)} ${tenth(foot + unit * 0.55)}H${tenth(x + unit * 0.8)}C${tenth(x + unit * 1.6)} ${tenth(foot + unit * 0.9)} ${tenth(x + unit * 4)} ${tenth(foot + unit * 1.6)} ${tenth(x + unit * 4.2)} ${height}Z`
  const neck = `M${tenth(x - unit * 0.75)} ${tenth(y + tall * 0.6)}V${tenth(foot + unit * 0.6)}Q${tenth(x)} ${tenth(foot + unit * 1.5)} ${tenth(x + unit * 0.75)} ${tenth(foot + unit * 0.6)}V${tenth(y + tall * 0.6)}Z`
  const crown = `M${tenth(x - wide * 1.06)} ${tenth(y + unit * 0.1)}C${tenth(x - wide * 1.2)} ${tenth(y - tall * 1.25)} ${tenth(x + wide * 1.2)} ${tenth(y - tall * 1.3)} ${tenth(x + wide * 1.06)} ${tenth(y + unit * 0.1)}C${tenth(x + wide * 0.9)} ${tenth(y - tall * 0.45)} ${tenth(x + wide * 0.2)} ${tenth(y - tall * 0.5)} ${tenth(x - wide * 0.35)} ${tenth(y - tall * 0.62)}C${tenth(x - wide * 0.7)} ${tenth(y - tall * 0.5)} ${tenth(x - wide)} ${tenth(y - tall * 0.2)} ${tenth(x - wide * 1.06)} ${tenth(y + unit * 0.1)}Z`
  const locks = `M${tenth(x - wide * 1.1)} ${tenth(y - unit * 0.4)}C${tenth(x - wide * 1.5)} ${tenth(y + tall)} ${tenth(x - wide * 1.2)} ${tenth(foot + unit * 1.4)} ${tenth(x - wide * 0.4)} ${tenth(foot + unit * 0.8)}H${tenth(x + wide * 0.4)}C${tenth(x + wide * 1.2)} ${tenth(foot + unit * 1.4)} ${tenth(x + wide * 1.5)} ${tenth(y + tall)} ${tenth(x + wide * 1.1)} ${tenth(y - unit * 0.4)}Z`
  return [
    rectMark(frame, {
      fill: downwards(frame, [
        { at: 0, colour: mixed(behind, '#ffffff', 0.25) },
        { at: 1, colour: behind },
      ]),
    }),
    glow(x - unit * 2, y - unit * 1.5, unit * 5, '#ffffff', 0.35),
    ...(isLong ? [shape(locks, mixed(hair, ink, 0.2))] : []),
    shape(shoulders, coat),
    shape(
      `M${tenth(x - unit * 1.5)} ${tenth(foot + unit * 0.72)}L${tenth(x)} ${tenth(foot + unit * 2.3)}L${tenth(x + unit * 1.5)} ${tenth(foot + unit * 0.72)}Z`,
      mixed(ground, '#ffffff', 0.4),
    ),
    shape(neck, shade),
    shape(ellipsePath(x, y, wide, tall), skin),
    shape(crown, hair),
  ]
}
