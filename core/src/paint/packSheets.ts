import type { FontLibrary } from '../text/fontLibrary'
import { pathMark, type Mark, type Picture, type Words } from '../vector/mark'
import { sheetPicture, wordsMark } from './sheet'

/** A page at one band, painted, with what its sheet says of it. */
export interface PackPage {
  title: string
  /** from the root of the site */
  address: string
  band: string
  /** px of page width */
  width: number
  picture: Picture
}

export interface PackOptions {
  title: string
  date: string
  finish: string
  /** sheets that stand between the contents and the pages, such as the map's */
  before: Picture[]
}

/** pt of a sheet of contents, of the margins, of a sheet's head and of a line of contents. */
const [WIDTH, HEIGHT] = [595, 842]
const MARGIN = 40
const HEAD = 44
const LINE = 18
/** pt of a px */
const PT = 0.75
const [INK, SOFT, HAIRLINE] = ['#17211e', '#56625d', '#d9d5c8']

/** Pages as sheets of a pack: the contents, what stands before them, and a sheet for each page at each band. */
export function packSheets(pages: PackPage[], library: FontLibrary, options: PackOptions): Picture[] {
  const say = sayer(library)
  const perSheet = Math.floor((HEIGHT - 2 * MARGIN - 90) / LINE)
  const lists: PackPage[][] = []
  for (let from = 0; from < Math.max(1, pages.length); from += perSheet)
    lists.push(pages.slice(from, from + perSheet))
  const first = lists.length + options.before.length + 1
  const contents = lists.map((list, index) =>
    contentsSheet(say, list, first + index * perSheet, index, options),
  )
  return [...contents, ...options.before, ...pages.map((page, index) => pageSheet(say, page, first + index))]
}

function contentsSheet(
  say: Say,
  pages: PackPage[],
  first: number,
  index: number,
  options: PackOptions,
): Picture {
  const { title, date, finish } = options
  const head: Mark[] = [
    say(MARGIN, MARGIN + 22, title, look(22, 700), WIDTH - 2 * MARGIN),
    say(MARGIN, MARGIN + 42, `Wireframes, ${finish}, ${date}`, look(10, 400, SOFT)),
    say(MARGIN, MARGIN + 76, index ? 'Contents, continued' : 'Contents', look(12, 600)),
  ]
  const lines = pages.flatMap((page, at): Mark[] => {
    const y = MARGIN + 100 + at * LINE
    return [
      say(MARGIN, y, page.title, look(10, 600), 180),
      say(MARGIN + 190, y, page.address, look(9, 400, SOFT), 150),
      say(MARGIN + 350, y, `${page.band}, ${page.width} px`, look(9, 400, SOFT), 130),
      say(WIDTH - MARGIN - 20, y, String(first + at), look(10)),
      pathMark(`M${MARGIN} ${y + 5}H${WIDTH - MARGIN}`, { colour: HAIRLINE, width: 0.5 }),
    ]
  })
  return sheetPicture({ width: WIDTH, height: HEIGHT }, `${title}: contents`, [...head, ...lines])
}

/** A page at its own size below a line that says which it is. */
function pageSheet(say: Say, { title, address, band, width, picture }: PackPage, number: number): Picture {
  const [wide, tall] = [picture.width * PT, picture.height * PT]
  const own = Math.max(WIDTH, wide + 2 * MARGIN)
  const left = (own - wide) / 2
  const said = `${band}, ${width} px`
  const drawn: Mark = {
    type: 'group',
    transform: [PT, 0, 0, PT, left, MARGIN + HEAD],
    marks: [
      {
        type: 'shape',
        outline: { type: 'rect', x: 0, y: 0, width: picture.width, height: picture.height },
        fill: picture.ground,
        stroke: { colour: HAIRLINE, width: 1 },
      },
      ...picture.marks,
    ],
  }
  return sheetPicture({ width: own, height: tall + 2 * MARGIN + HEAD }, `${title}, ${said}`, [
    say(MARGIN, MARGIN + 12, title, look(13, 700), own - 2 * MARGIN - 150),
    say(MARGIN, MARGIN + 26, address, look(9, 400, SOFT), own - 2 * MARGIN - 150),
    say(own - MARGIN - 130, MARGIN + 12, said, look(9, 400, SOFT), 130),
    say(own - MARGIN - 130, MARGIN + 26, `Sheet ${number}`, look(9, 400, SOFT)),
    drawn,
  ])
}

/** Words on a sheet, cut where they are wider than their room. */
type Say = (x: number, y: number, text: string, look: Look, room?: number) => Words
type Look = Pick<Words, 'size' | 'weight' | 'colour'>

const look = (size: number, weight = 400, colour = INK): Look => ({ size, weight, colour })
const sayer = (library: FontLibrary): Say => {
  return (x, y, text, own, room) => wordsMark(library, { x, y, text, ...own }, room)
}
