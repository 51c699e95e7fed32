import { computed, type Ref } from 'vue'
import type { Json, Operation } from '@nolvex/core/document/types'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { isPlacedFreely, typedFigure, type Figure } from '@nolvex/core/snap/typedFigure'
import { roundTo } from '@nolvex/core/units/length'
import type { TypedMeasure } from '../../forms/LengthInput.vue'
import type { DraftingPage } from '../usePage'

export const SIZE_WORDS = ['fit', 'fill']
/** px; no page is larger */
const MOST = 100_000

interface FigureField {
  name: Figure
  value: string
  isOpen: boolean
  why?: string
}

/** Whether a block's size goes by its anchors, whatever size is written. */
function isHeldAtBothEnds({ box }: Placed, name: Figure): boolean {
  const { x, y } = box.node.place
  return ['both', 'proportion'].includes(name === 'wide' ? x : y)
}

/** The figures of what is selected, and typing others. @param trouble where it is said what cannot be */
export function useTypedFigures(page: DraftingPage, trouble: Ref<string>) {
  const { selected, drawn } = page

  /** The four plain figures; of several blocks, those they share. */
  const figures = computed((): FigureField[] => {
    const shared = (read: (one: Placed) => number) => {
      const values = new Set(selected.value.map((one) => roundTo(read(one), 2)))
      return values.size === 1 ? String([...values][0]) : ''
    }
    const isOpen = !page.isLocked.value
    const areFree = isOpen && selected.value.every((one) => isPlacedFreely(drawn.value, one))
    const hasSection = selected.value.some(({ parent }) => parent === null)
    const why = isOpen
      ? 'It follows from the arrangement: change the gap, the columns or the order.'
      : 'It is locked.'
    return [
      { name: 'left', value: shared(({ x }) => x), isOpen: areFree, why },
      { name: 'top', value: shared(({ y }) => y), isOpen: areFree, why },
      {
        name: 'wide',
        value: shared(({ w }) => w),
        isOpen: isOpen && !hasSection,
        why: isOpen ? 'A section is as wide as the page.' : why,
      },
      { name: 'tall', value: shared(({ h }) => h), isOpen, why },
    ]
  })

  function typeFigure({ name, isOpen }: FigureField, typed: TypedMeasure) {
    trouble.value = ''
    const change = isOpen && typed ? changeTyped(typed, name) : undefined
    if (change?.length) page.change(`Change ${name}`, change)
  }

  /** What a typed figure comes to: a place on the page, or a size in words or as a length. */
  function changeTyped(typed: NonNullable<TypedMeasure>, name: Figure): Operation[] | undefined {
    const isSize = name === 'wide' || name === 'tall'
    const leaf = ['place', name === 'wide' ? 'width' : 'height']
    if ('word' in typed)
      return isSize
        ? setLeaf(page.records.value, leaf, typed.word, page.at.value)
        : refuse('Only a size can be “fit” or “fill”. Type a figure.')
    const { length, px } = typed
    if (Math.abs(px) > MOST) return refuse(`${name} is at most ${MOST.toLocaleString('en')} px.`)
    if (isSize && px < 0) return refuse('A size cannot be negative.')
    if (length.unit === '%' && (name === 'top' || name === 'tall'))
      return refuse('A percentage has a meaning only across. Use px.')
    return selected.value.flatMap((one) =>
      isPlacedFreely(drawn.value, one) && (!isSize || isHeldAtBothEnds(one, name))
        ? typedFigure(drawn.value, one, name, px)
        : setLeaf([one.record], leaf, length as unknown as Json, page.at.value),
    )
  }

  function refuse(why: string): undefined {
    trouble.value = why
  }

  return { figures, typeFigure }
}
