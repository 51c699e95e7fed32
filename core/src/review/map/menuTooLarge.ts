import { menuSize, menusInOrder } from '../../site/menuChanges'
import type { MapRule } from './mapRule'

export const menuTooLarge: MapRule = {
  id: 'menuTooLarge',
  label: 'Menus very broad or deep',
  why: 'A long or deep menu is hard to scan; the limits are settings.',
  severity: 'slight',
  find({ site }) {
    const { menuBreadth = Infinity, menuDepth = Infinity } = site.settings.site?.limits ?? {}
    return menusInOrder(site.menus).flatMap((menu) => {
      const { breadth, depth } = menuSize(site.menuEntries, menu.id)
      const place = { collection: 'menus' as const, id: menu.id }
      return [
        ...(breadth > menuBreadth
          ? [
              {
                place,
                says: `The menu ${menu.name} has ${breadth} lines at one level; the limit is ${menuBreadth}.`,
              },
            ]
          : []),
        ...(depth > menuDepth
          ? [{ place, says: `The menu ${menu.name} has ${depth} levels; the limit is ${menuDepth}.` }]
          : []),
      ]
    })
  },
}
