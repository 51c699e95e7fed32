import type { MenuEntry, Page, Section } from './site'
import { siteFactsAt } from './siteFacts'
import { usualSite } from './usualSite'

const idOf = (name: string) => name.toLowerCase().padEnd(16, '0')
const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const page = (title: string, order: string, parent?: string, more: Partial<Page> = {}): Page => {
  return { id: idOf(title), order, title, ...(parent ? { parent: idOf(parent) } : {}), ...more }
}
const entry = (id: string, order: string, more: Partial<MenuEntry>): MenuEntry => {
  return { id: idOf(id), menu: idOf('main'), order, ...more }
}
const section = (id: string, order: string, name: string, of?: string): Section => {
  return { id: idOf(id), order, name, ...(of ? { page: idOf(of) } : {}) }
}
const plan = {
  ...usualSite.records,
  pages: byId([
    page('Home', 'a0'),
    page('Isles', 'a2', 'Home', { shortName: 'Where' }),
    page('Fares', 'a1', 'Home'),
    page('Orrel', 'a0', 'Isles'),
    page('Lost', 'a9', undefined, { kind: 'outside' }),
  ]),
  menus: byId([{ id: idOf('main'), order: 'a0', name: 'Main', kind: 'main' as const }]),
  menuEntries: byId([
    entry('two', 'a2', { page: idOf('isles') }),
    entry('one', 'a1', { page: idOf('fares'), label: 'Prices' }),
    entry('three', 'a3', { address: 'https://weather.example' }),
    entry('below', 'a0', { page: idOf('orrel'), parent: idOf('two') }),
    entry('gone', 'a4', { page: idOf('nowhere'), label: 'Old' }),
  ]),
  sections: byId([
    section('first', 'a0', 'Prices', 'fares'),
    section('second', 'a1', 'Prices', 'fares'),
    section('third', 'a0', 'Prices', 'isles'),
    section('header', 'a0', 'Header'),
  ]),
}
const at = (name: string) => siteFactsAt(plan, idOf(name))

test('a menu has its lines in order with their own labels, and says where one is', () => {
  const lines = at('orrel').menu(idOf('main')) ?? []
  expect(lines.map(({ label, href, isCurrent, isOpen }) => [label, href, isCurrent, isOpen])).toEqual([
    ['Prices', '/fares', false, false],
    ['Where', '/isles', false, true],
    ['https://weather.example', 'https://weather.example', false, false],
    ['Old', undefined, false, false],
  ])
  expect(lines[1].below).toMatchObject([{ label: 'Orrel', href: '/isles/orrel', isCurrent: true }])
  expect(at('home').menu(idOf('nosuch'))).toBeUndefined()
})

test('the trail goes from the first page to this one, and pages below are those of the tree in order', () => {
  expect(
    at('orrel')
      .trail()
      .map(({ label }) => label),
  ).toEqual(['Home', 'Where', 'Orrel'])
  expect(
    at('lost')
      .trail()
      .map(({ label }) => label),
  ).toEqual(['Home', 'Lost'])
  expect(
    at('home')
      .pagesBelow()
      .map(({ label }) => label),
  ).toEqual(['Fares', 'Where'])
  expect(
    at('home')
      .pagesBelow(idOf('isles'))
      .map(({ href }) => href),
  ).toEqual(['/isles/orrel'])
})

test('sections of a page are led to by their names, no two alike; common ones are not', () => {
  const { sectionAnchor } = at('home')
  expect(['first', 'second', 'third', 'header'].map((id) => sectionAnchor(idOf(id)))).toEqual([
    'prices',
    'prices-2',
    'prices',
    undefined,
  ])
})
