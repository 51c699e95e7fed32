import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { Board } from './board'
import { commitParts, type Journey } from './journey'

/** Blocks placed by hand: chosen by a rectangle, moved by hints, sized, spread, lined up, grouped, and placed by what is said. */
export const placing: Journey = {
  name: 'blocks placed by hand',
  async run({ person, site }) {
    const { driver } = person
    const board = await Board.open(person, site, 'placingpage00000', [
      ['one', 40, 40],
      ['two', 260, 52],
      ['three', 520, 46],
      ['low', 40, 260, 120, 80],
    ])
    const before = await board.blocks()
    const one = await board.at('one')
    const last = await board.at('three')

    // A rectangle from anywhere while A is held.
    await board.pull({ x: one.x + 20, y: one.y + 20 }, { x: last.x - one.x, y: 40 }, { before: 'a' })
    expectEqual(await board.selected(), ['one', 'three', 'two'], 'what the rectangle touches')
    expectTrue((await person.text('.strip')).includes('unequal gaps of 60, 100'), 'the strip says the gaps')
    expectEqual((await person.all('.span.warning')).length, 2, 'unequal gaps are marked on the page')
    await board.type('Gaps between them', '2*20')
    await person.saved()
    expectEqual(await board.offset('three'), [440, 46], 'typed once, all gaps are equal')
    await board.press(Key.SHIFT, 't')
    await person.saved()
    expectEqual(
      [await board.offset('two'), await board.offset('three')],
      [
        [240, 40],
        [440, 40],
      ],
      'in line at the top',
    )

    // Hints while one moves, with what they are; held off by F.
    await board.press(Key.ESCAPE)
    const low = await board.at('low')
    const middle = { x: low.x + low.w / 2, y: low.y + low.h / 2 }
    const wanted = (await board.at('two')).x - low.x
    await board.pull(middle, { x: wanted + 4, y: 30 }, { stays: true })
    await person.until('the hint says why', async () =>
      (
        await driver.executeScript<string>(
          `return [...document.querySelectorAll('.line span')].map((s) => s.textContent).join()`,
        )
      ).includes('left edge of two'),
    )
    await board.letGo()
    await person.saved()
    expectEqual((await board.offset('low'))[0], 240, 'on the edge it was near')
    await person.chord(Key.CONTROL, 'z')
    await person.saved()
    await board.pull(middle, { x: wanted + 4, y: 30 }, { hold: 'f' })
    await person.saved()
    expectEqual((await board.offset('low'))[0], 244, 'hints held off')
    await person.chord(Key.CONTROL, 'z')
    await person.saved()

    // In proportion.
    await person.selectBlock('low')
    const corner = await (await person.see('[data-handle="corner"]')).getRect()
    await board.pull({ x: corner.x + 4, y: corner.y + 4 }, { x: 60, y: 0 }, { hold: 'p' })
    await person.saved()
    const { width, height } = (await board.block('low')).place
    expectTrue(width.value > 150 && Math.abs(width.value / height.value - 1.5) < 0.02, 'its shape is kept')

    // Placed by what is said; grouped and ungrouped.
    await board.press(Key.SHIFT, 'w')
    await person.see('.place-said input')
    await person.keys('48 below one', Key.ENTER)
    await person.saved()
    expectEqual((await board.offset('low'))[1], 188, '48 px below')
    await person.selectBlock('one')
    await person.selectBlock('two', true)
    await person.selectBlock('three', true)
    await board.press(Key.ALT, 'g')
    await person.saved()
    expectEqual((await board.block('Group')).arrange?.type, 'row', 'the group is the row they stood in')
    const inGroup = await board.at('three')
    await board.press(Key.ALT, Key.SHIFT, 'g')
    await person.saved()
    expectEqual(await board.selected(), ['one', 'three', 'two'], 'ungrouped they are still chosen')
    expectTrue(Math.abs((await board.at('three')).x - inGroup.x) < 1, 'and stand where they stood')

    // What a figure cannot be says so, and nothing is lost.
    for (const [typed, says] of [
      ['12 apples', 'not a length'],
      ['-40', 'negative'],
      ['1/0', 'divides by zero'],
      ['99 columns', 'not a length'],
    ]) {
      await person.selectBlock('low')
      await board.type('wide', typed)
      await person.until(`“${typed}” is refused`, async () => (await person.text('.strip')).includes(says))
    }
    await board.type('wide', '2 columns + space-m')
    await person.saved()
    expectTrue(
      (await board.block('low')).place.width.value > 150,
      'columns and names of the scale are understood',
    )

    // Somebody else deletes what is just being moved: nothing of the rest is lost.
    const gone = await board.at('three')
    await board.pull({ x: gone.x + 30, y: gone.y + 30 }, { x: 40, y: 60 }, { stays: true })
    const three = (await board.block('three')).id
    await commitParts(site, 'emptyproject0000', [
      {
        document: 'placingpage00000',
        kind: 'drawing',
        operations: [{ type: 'remove', collection: 'blocks', id: three }],
      },
    ])
    await person.until('it is gone here too', async () => !(await person.text('.outline')).includes('three'))
    await board.letGo()
    await person.selectBlock('two')
    await board.press(Key.SHIFT, Key.ARROW_DOWN)
    await person.saved()
    expectEqual((await board.offset('two'))[1], 48, 'the others can still be moved')
    expectTrue(!(three in (await board.blocks())), 'and what was deleted stays so')
    await person.chord(Key.CONTROL, 'z')

    // Everything is taken back, step by step, by the list of changes.
    await board.press(Key.ALT, 'h')
    await person.press('As the window was opened')
    await person.saved()
    const { [three]: _gone, ...left } = before
    expectEqual(await board.blocks(), left, 'all of it taken back, but for what somebody else deleted')
  },
}
