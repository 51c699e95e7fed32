import { expectEqual, expectTrue } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const PAGE = `/projects/${DEMO}/wireframe/pagehome00000000`

interface NamedToken {
  id: string
  name: string
  role?: string
  value: unknown
}

const valueOf = ({ name }: NamedToken) => `[aria-label="${name}: value"]`

/** A token is deleted elsewhere while a block is dressed in it, and while it is written at: nothing breaks, and it is said. */
export const tokenDeleted: Journey = {
  name: 'a token deleted while another window uses it',
  async run({ person, site }) {
    const tokens = async () => {
      const { documents } = await documentsOf(site, DEMO)
      return Object.values(documents.style.records.tokens) as unknown as NamedToken[]
    }
    const tint = (await tokens()).find(({ role }) => role === 'tint') as NamedToken
    const remove = (id: string) =>
      commitParts(site, DEMO, [
        { document: 'style', kind: 'style', operations: [{ type: 'remove', collection: 'tokens', id }] },
      ])

    // A block's ground is the token; then the token is gone.
    await person.open(site.address + PAGE)
    await person.see('.outline [data-outline]')
    await person.selectBlock('Hero')
    await person.choose('[data-field="look.fill"]', tint.name)
    await person.saved()
    await remove(tint.id)
    await person.until('the particulars say so', async () =>
      (await person.text('[data-field="look.fill"]')).includes('a token that is gone'),
    )
    expectTrue((await person.text('.drawing')).includes('Small boats'), 'the page is drawn all the same')
    await person.choose('[data-field="look.fill"]', 'none')
    await person.saved()

    // A value is being typed at a token that goes meanwhile.
    await person.open(`${site.address}/projects/${DEMO}/style/colour`)
    const warning = (await tokens()).find(({ role }) => role === 'warning') as NamedToken
    const main = (await tokens()).find(({ role }) => role === 'action') as NamedToken
    const field = await person.see(valueOf(warning))
    await field.click()
    await field.sendKeys('1')
    await remove(warning.id)
    await person.until('its row is gone', async () => (await person.all(valueOf(warning))).length === 0)
    await person.fill(valueOf(main), '#223344')
    await person.saved()
    const left = await tokens()
    expectTrue(
      left.every(({ id }) => id !== warning.id && id !== tint.id),
      'neither came back',
    )
    expectEqual(left.find(({ id }) => id === main.id)?.value, '#223344', 'what is written after it is kept')
  },
}
