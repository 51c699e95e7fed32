import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { BLENDS, movedBy, pathMark, rectMark, type Mark, type Picture } from '@nolvex/core/vector/mark'
import { picturesPdf } from './pdfPicture'
import { svgToPng } from './svgToPng'

const frame = { x: 20, y: 20, width: 100, height: 60 }
const INK = '#17211e'
const filled = (fill: string, at = frame): Mark => rectMark(at, { fill })
const aside = { ...frame, x: 60, y: 40 }

const pictureOf = (marks: Mark[]): Picture => {
  return { width: 200, height: 120, unit: 'pt', title: 'Test', ground: '#ffffff', marks }
}

const SCALE = 3

/** Pixels of a PDF's first page, as poppler draws it. */
async function byPoppler(pdf: Uint8Array): Promise<Buffer> {
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
  try {
    writeFileSync(join(folder, 'a.pdf'), pdf)
    execFileSync('pdftoppm', [
      '-r',
      String(72 * SCALE),
      '-png',
      '-singlefile',
      join(folder, 'a.pdf'),
      join(folder, 'a'),
    ])
    return await sharp(join(folder, 'a.png')).removeAlpha().raw().toBuffer()
  } finally {
    rmSync(folder, { recursive: true })
  }
}

const byResvg = (picture: Picture) =>
  sharp(svgToPng(pictureSvg({ ...picture, unit: 'px' }), picture, SCALE))
    .removeAlpha()
    .raw()
    .toBuffer()

/** Share of pixels in which any channel differs by more than 16. */
function differing(a: Buffer, b: Buffer): number {
  expect(a.length).toBe(b.length)
  let count = 0
  for (let at = 0; at < a.length; at += 3)
    if ([0, 1, 2].some((channel) => Math.abs(a[at + channel] - b[at + channel]) > 16)) count++
  return count / (a.length / 3)
}

// poppler against resvg: two programs that know nothing of each other draw what our two writers wrote.
test.each<[string, Mark[], number]>([
  ['fills and lines', [rectMark(frame, { fill: '#1f5b4c', stroke: { colour: INK, width: 4 } })], 0.01],
  ['dashes', [pathMark('M10 50H190', { colour: INK, width: 4, dashes: [12, 8] })], 0.002],
  [
    'round corners',
    [{ type: 'shape', outline: { type: 'rect', ...frame, radius: [20, 0, 10, 5] }, fill: INK }],
    0.005,
  ],
  [
    'a ring',
    [
      {
        type: 'shape',
        outline: { type: 'path', d: 'M20 20H120V80H20ZM40 40H100V60H40Z', rule: 'evenodd' },
        fill: INK,
      },
    ],
    0.005,
  ],
  [
    'groups moved in groups',
    [
      {
        type: 'group',
        transform: movedBy(30, 10),
        marks: [{ type: 'group', transform: [1, 0, 0, 0.5, 10, 10], marks: [filled(INK)] }],
      },
    ],
    0.001,
  ],
  [
    'what is cut off',
    [
      {
        type: 'group',
        clip: { type: 'rect', ...aside, radius: [10, 10, 10, 10] },
        marks: [filled('#a63d2a')],
      },
    ],
    0.005,
  ],
  [
    'a group faded as a whole',
    [
      filled('#b9770e'),
      { type: 'group', opacity: 0.5, marks: [filled('#000000'), filled('#ffffff', aside)] },
    ],
    0.001,
  ],
  [
    'a faded group in a faded group, beside one that holds nothing',
    [
      { type: 'group', opacity: 0.5, marks: [] },
      {
        type: 'group',
        opacity: 0.8,
        marks: [filled(INK), { type: 'group', opacity: 0.3, marks: [filled('#ffffff', aside)] }],
      },
    ],
    0.01,
  ],
  [
    'faded groups in one that is moved',
    [
      {
        type: 'group',
        transform: movedBy(20, 10),
        marks: [{ type: 'group', opacity: 0.3, marks: [filled(INK)] }],
      },
    ],
    0.001,
  ],
  [
    'a gradient',
    [
      rectMark(frame, {
        fill: {
          type: 'linear',
          from: { x: 20, y: 0 },
          to: { x: 120, y: 0 },
          stops: [
            { at: 0, colour: '#1f5b4c' },
            { at: 1, colour: '#ffffff' },
          ],
        },
      }),
    ],
    0.01,
  ],
  [
    'an elliptical one',
    [
      rectMark(frame, {
        fill: {
          type: 'radial',
          centre: { x: 70, y: 50 },
          radius: { x: 50, y: 30 },
          stops: [
            { at: 0, colour: '#ffffff' },
            { at: 1, colour: '#a63d2a' },
          ],
        },
      }),
    ],
    0.02,
  ],
  [
    'a blur, which PDF does not have',
    [
      {
        type: 'group',
        filter: { steps: [{ type: 'blur', deviation: 4 }], region: { x: 0, y: 0, width: 160, height: 110 } },
        marks: [filled(INK)],
      },
    ],
    0.01,
  ],
  ...BLENDS.map((blend): [string, Mark[], number] => [
    `colours mixed by ${blend}, and not with what stands behind their group`,
    [
      filled('#b9770e'),
      {
        type: 'group',
        isApart: true,
        marks: [
          filled('#3e5c76', aside),
          { type: 'group', blend, opacity: 0.8, marks: [filled('#a63d2a', { ...aside, x: 30 })] },
        ],
      },
    ],
    0.005,
  ]),
  [
    'greys by a matrix',
    [
      {
        type: 'group',
        filter: {
          steps: [
            {
              type: 'matrix',
              values: [0.2, 0.7, 0.1, 0, 0, 0.2, 0.7, 0.1, 0, 0, 0.2, 0.7, 0.1, 0, 0, 0, 0, 0, 1, 0],
            },
          ],
          region: frame,
        },
        marks: [filled('#1f5b4c')],
      },
    ],
    0.01,
  ],
])('%s look the same in PDF and SVG', async (_what, marks, most) => {
  const picture = pictureOf(marks)
  const [pdf, svg] = [await byPoppler(await picturesPdf([picture], 'Test')), await byResvg(picture)]
  expect(new Set(svg).size).toBeGreaterThan(1)
  expect(differing(pdf, svg)).toBeLessThanOrEqual(most)
})

test('hatched grounds are hatched in both, a third of them or less inked', async () => {
  const picture = pictureOf([
    rectMark(frame, { fill: { type: 'hatch', colour: '#000000', width: 1, step: 5 } }),
  ])
  const inked = (pixels: Buffer) => pixels.filter((value) => value < 200).length / 3 / (100 * 60 * SCALE ** 2)
  for (const pixels of [await byPoppler(await picturesPdf([picture], 'Test')), await byResvg(picture)]) {
    expect(inked(pixels)).toBeGreaterThan(0.1)
    expect(inked(pixels)).toBeLessThan(0.5)
  }
})
