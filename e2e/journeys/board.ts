import { By, Key } from 'selenium-webdriver'
import type { Person } from '../person'
import type { Site } from '../site'
import { commitParts, documentsOf } from './journey'

const PROJECT = 'emptyproject0000'
const px = (value: number) => ({ value, unit: 'px' })

/** A freely placed picture: its name, and px from the left and the top of its board, wide and tall. */
export type Piece = [name: string, left: number, top: number, wide?: number, tall?: number]

/** A page with one board of freely placed pictures, open at 100 %, and ways to see and move what stands on it. */
export class Board {
  private constructor(
    private person: Person,
    private site: Site,
    private page: string,
  ) {}

  static async open(person: Person, site: Site, page: string, pieces: Piece[]): Promise<Board> {
    const id = (name: string) => `${name}${page}`.slice(0, 16).padEnd(16, '0')
    const put = (collection: string, record: { id: string }) => ({
      ...{ type: 'put', collection, id: record.id, record },
    })
    const section = { id: id('section'), order: 'a0', kind: 'section', name: 'Ground' }
    const board = {
      ...{ id: id('board'), order: 'a0', kind: 'box', parent: section.id, name: 'Board' },
      arrange: { type: 'placed' },
      place: { column: { span: 12 }, height: px(420) },
    }
    const blocks = pieces.map(([name, left, top, wide = 160, tall = 100], index) => ({
      ...{ id: id(name), order: `a${index}`, kind: 'picture', parent: board.id, name },
      place: {
        ...{ width: px(wide), height: px(tall), anchor: { x: 'start', y: 'start' } },
        offset: { left: px(left), top: px(top) },
      },
    }))
    await commitParts(site, PROJECT, [
      {
        document: 'site',
        kind: 'site',
        operations: [put('pages', { id: page, order: 'zz', title: page } as never)],
      },
      {
        document: page,
        kind: 'drawing',
        operations: [section, board, ...blocks].map((one) => put('blocks', one)),
      },
    ])
    await person.open(`${site.address}/projects/${PROJECT}/wireframe/${page}`)
    await person.see('.drawing g')
    const opened = new Board(person, site, page)
    await opened.press('h')
    await person.until('100 %', async () => (await person.text('.camera-bar .percent')) === '100 %')
    await person.driver.executeScript(`document.querySelector('.desk').scrollTo(0, 0)`)
    return opened
  }

  /** Presses a key that is a command, not in any field. */
  async press(...keys: string[]): Promise<void> {
    await this.person.driver.executeScript('document.activeElement?.blur()')
    if (keys.length === 1) await this.person.keys(keys[0])
    else await this.person.chord(...keys)
  }

  /** Where a block stands on the screen. */
  async at(name: string): Promise<{ x: number; y: number; w: number; h: number }> {
    const { id } = await this.block(name)
    return this.person.driver.executeScript(
      `const { left: x, top: y, width: w, height: h } = document.querySelector('.sheet [data-block="${id}"]').getBoundingClientRect()
       return { x, y, w, h }`,
    )
  }

  async block(name: string) {
    const { documents } = await documentsOf(this.site, PROJECT)
    const found = Object.values(documents[this.page].records.blocks).find((one) => one.name === name)
    if (!found) throw new Error(`There is no ${name} on the board.`)
    return found as {
      id: string
      parent?: string
      arrange?: { type?: string; gap?: { value: number } }
      place: Record<'width' | 'height', { value: number }> & {
        offset: Record<'left' | 'top', { value: number }>
      }
    }
  }

  async blocks(): Promise<Record<string, unknown>> {
    const { documents } = await documentsOf(this.site, PROJECT)
    return documents[this.page].records.blocks
  }

  /** px from the left and the top of what holds it, as they are written. */
  async offset(name: string): Promise<[left: number, top: number]> {
    const { left, top } = (await this.block(name)).place.offset
    return [left.value, top.value]
  }

  /** Moves the pointer from one point of the screen to another with the button down, and lets it go unless it is to stay. */
  async pull(
    from: { x: number; y: number },
    by: { x: number; y: number },
    { hold, before, stays }: { hold?: string; before?: string; stays?: boolean } = {},
  ): Promise<void> {
    const { driver } = this.person
    const [x, y] = [Math.round(from.x), Math.round(from.y)]
    if (before) await driver.actions().keyDown(before).perform()
    const actions = driver.actions({ async: true }).move({ x, y }).press()
    for (let step = 1; step <= 4; step++)
      actions.move({
        ...{ x: x + Math.round((by.x * step) / 4), y: y + Math.round((by.y * step) / 4), duration: 30 },
      })
    await actions.pause(60).perform()
    if (hold) await driver.actions().keyDown(hold).pause(60).perform()
    if (!stays) await this.letGo()
    for (const key of [before, hold]) if (key && !stays) await driver.actions().keyUp(key).perform()
  }

  async letGo(): Promise<void> {
    await this.person.driver.actions({ async: true }).release().perform()
  }

  async selected(): Promise<string[]> {
    const keys = await this.person.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-selected]')].map((one) => one.dataset.selected)`,
    )
    const all = Object.values(await this.blocks()) as { id: string; name?: string }[]
    return keys.map((key) => all.find(({ id }) => id === key)?.name ?? key).sort()
  }

  /** Types into a field of the measure strip by its label. */
  async type(label: string, words: string): Promise<void> {
    const field = await this.person.driver.findElement(By.css(`.strip input[aria-label="${label}"]`))
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), words, Key.ENTER)
  }
}
