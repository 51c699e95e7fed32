import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { Board } from './board'
import type { Journey } from './journey'

/** A loosely placed sketch trued up, one place and then all, turned into structure, and placed freely again. */
export const truedUp: Journey = {
  name: 'a loose sketch trued up and turned into structure',
  async run({ person, site }) {
    const board = await Board.open(person, site, 'looselypage00000', [
      ['head', 24, 23, 600, 60],
      ['left', 23, 108, 289, 160],
      ['right', 336, 107, 288, 161],
    ])
    await board.press('t')
    await person.until('moves are listed', async () => (await person.text('.panel')).includes('Make all'))
    const count = (await person.all('.panel li')).length
    expectTrue(count >= 2, 'each move is listed')
    expectEqual((await person.all('.marked')).length, count, 'and marked on the page')
    await person.click('.panel li:last-child button:last-child')
    await person.saved()
    await person.until('one is done', async () => (await person.all('.panel li')).length < count)
    await person.press('Make all')
    await person.saved()
    await person.until('all is true', async () => (await person.text('.panel')).includes('All is true'))
    const offsets = [await board.offset('head'), await board.offset('left'), await board.offset('right')]
    expectEqual([offsets[0][0], offsets[1][1]], [offsets[1][0], offsets[2][1]], 'edges are in line')
    await board.press('t')

    await person.selectBlock('Board')
    await board.press(Key.ALT, 'r')
    await person.until('structure is found', async () => (await person.text('.panel')).includes('a row of 2'))
    expectTrue(
      /Nothing moves by more than 0(\.\d)? px/.test(await person.text('.panel')),
      'and reproduces it',
    )
    const stood = await board.at('right')
    await person.press('Arrange it so')
    await person.saved()
    expectEqual((await board.block('Board')).arrange?.type, 'column', 'the board is a column')
    const arranged = await board.at('right')
    expectTrue(Math.hypot(stood.x - arranged.x, stood.y - arranged.y) < 1, 'everything stands where it stood')
    await person.press('Place its blocks freely')
    await person.saved()
    expectEqual((await board.block('Board')).arrange?.type, 'placed', 'and back')
  },
}
