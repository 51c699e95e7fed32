import type { BlockKind } from './kind'
import { accordion } from './kinds/accordion'
import { box } from './kinds/box'
import { breadcrumb } from './kinds/breadcrumb'
import { button } from './kinds/button'
import { carousel } from './kinds/carousel'
import { choices } from './kinds/choices'
import { copy } from './kinds/copy'
import { field } from './kinds/field'
import { form } from './kinds/form'
import { icon } from './kinds/icon'
import { line } from './kinds/line'
import { link } from './kinds/link'
import { list } from './kinds/list'
import { logo } from './kinds/logo'
import { map } from './kinds/map'
import { media } from './kinds/media'
import { nav } from './kinds/nav'
import { pages } from './kinds/pages'
import { picture } from './kinds/picture'
import { section } from './kinds/section'
import { shape } from './kinds/shape'
import { series } from './kinds/series'
import { table } from './kinds/table'
import { tabs } from './kinds/tabs'
import { text } from './kinds/text'

/** Every block kind by name, in the order of the shelf. A new kind is one file in `kinds/` and one line here. */
export const blockKinds = {
  section,
  box,
  text,
  list,
  picture,
  button,
  link,
  icon,
  line,
  shape,
  nav,
  breadcrumb,
  pages,
  logo,
  form,
  field,
  choices,
  tabs,
  accordion,
  carousel,
  table,
  media,
  map,
  series,
  copy,
}

export type BlockKindName = keyof typeof blockKinds
/** Any kind, where it does not matter which. */
// A kind's anatomy takes what its own schema gives; no other type says so of all of them at once.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyKind = BlockKind<BlockKindName, any>

export const kindNamed = (name: BlockKindName): AnyKind => blockKinds[name]
