import type { FontLibrary } from '../text/fontLibrary'
import { pathMark, type Mark, type Picture, type Words } from '../vector/mark'
import type { PageNote } from './pageNotes'
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
  /** numbered on the page and told below it */
  notes?: ToldNote[]
}

/** A note of a page as its legend tells it. */
export interface ToldNote extends Pick<PageNote, 'number' | 'name' | 'note' | 'x' | 'y'> {
  /** such as `R-3 Says whether boats sail` */
  requirement?: string
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
function pageSheet(say: Say, page: PackPage, number: number): Picture {
  const { title, address, band, width, picture, notes = [] } = page
  const [wide, tall] = [picture.width * PT, picture.height * PT]
  const legend = legendMarks(say, notes, MARGIN + HEAD + tall + 30, Math.max(WIDTH, wide + 2 * MARGIN))
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
      ...notes.map((note) => noteMark(say, note)),
    ],
  }
  return sheetPicture({ width: own, height: tall + 2 * MARGIN + HEAD + legend.tall }, `${title}, ${said}`, [
    say(MARGIN, MARGIN + 12, title, look(13, 700), own - 2 * MARGIN - 150),
    say(MARGIN, MARGIN + 26, address, look(9, 400, SOFT), own - 2 * MARGIN - 150),
    say(own - MARGIN - 130, MARGIN + 12, said, look(9, 400, SOFT), 130),
    say(own - MARGIN - 130, MARGIN + 26, `Sheet ${number}`, look(9, 400, SOFT)),
    drawn,
    ...legend.marks,
  ])
}

/** px of a number on the page, and pt of a line of its legend */
const [BADGE, LEGEND_LINE] = [20, 13]
const OCHRE = '#8a5a0b'

/** A note's number at the corner of its block. */
const noteMark = (say: Say, { number, x, y }: ToldNote): Mark => ({
  type: 'group',
  marks: [
    {
      type: 'shape',
      outline: { type: 'rect', x, y, width: BADGE, height: BADGE },
      fill: OCHRE,
    },
    say(x + (number < 10 ? 6.5 : 3), y + 14.5, String(number), look(13, 700, '#ffffff')),
  ],
})

/** What the numbers of a page stand for, below it. @param y pt of the first line @param wide pt of the sheet */
function legendMarks(say: Say, notes: ToldNote[], y: number, wide: number): { marks: Mark[]; tall: number } {
  if (notes.length === 0) return { marks: [], tall: 0 }
  const room = wide - 2 * MARGIN - 24
  const perLine = Math.max(20, Math.floor(room / 4.6))
  const marks: Mark[] = [say(MARGIN, y, 'Notes', look(11, 700))]
  let at = y + LEGEND_LINE + 4
  for (const { number, name, note, requirement } of notes) {
    marks.push(say(MARGIN, at, String(number), look(9, 700, OCHRE)))
    const words = [note, requirement].filter(Boolean).join(' · ')
    for (const line of [name, ...linesOf(words, perLine)]) {
      marks.push(say(MARGIN + 24, at, line, look(9, line === name ? 600 : 400), room))
      at += LEGEND_LINE
    }
    at += 4
  }
  return { marks, tall: at - y + 24 }
}

/** Words in lines of at most so many characters, broken between words where they can be. */
function linesOf(words: string, most: number): string[] {
  const lines: string[] = []
  for (const paragraph of words.split('\n')) {
    let line = ''
    for (const word of paragraph.split(' ')) {
      if (line && line.length + 1 + word.length > most) {
        lines.push(line)
        line = ''
      }
      line = line ? `${line} ${word}` : word
    }
    if (line) lines.push(line)
  }
  return lines
}

/** Words on a sheet, cut where they are wider than their room. */
type Say = (x: number, y: number, text: string, look: Look, room?: number) => Words
type Look = Pick<Words, 'size' | 'weight' | 'colour'>

const look = (size: number, weight = 400, colour = INK): Look => ({ size, weight, colour })
const sayer = (library: FontLibrary): Say => {
  return (x, y, text, own, room) => wordsMark(library, { x, y, text, ...own }, room)
}
