import equal from 'fast-deep-equal'
import { computed } from 'vue'
import { fieldsOf, sharedFields } from '@nolvex/core/block/blockFields'
import type { Block } from '@nolvex/core/block/block'
import { FIELD_GROUPS, variesByBand, type Field, type FieldGroup } from '@nolvex/core/block/field'
import type { Json } from '@nolvex/core/document/types'
import { addedVariants } from '@nolvex/core/style/part'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { useProject } from '../../session/projectStore'
import type { DraftingPage } from '../usePage'

/** A field with what stands there for all that is selected. */
export interface FieldState {
  field: Field
  /** undefined where nothing is said, and where blocks differ */
  value: Json | undefined
  isMixed: boolean
  /** whether this band has a value of its own, not being the lead */
  differs: boolean
  /** the block, where there is one alone */
  block: Block | undefined
  /** the effective value of another leaf of the first of them */
  valueOf: (path: string[]) => Json | undefined
}

/** The fields of what is selected, group by group, and changing them. */
export function useFields(page: DraftingPage) {
  const { records, blocks, at, bands } = page
  const project = useProject()
  const chosen = computed(() => records.value.map((id) => blocks.value[id]).filter(Boolean))

  const factsOf = (block: Block) => ({
    variants: addedVariants(block.kind, project.style.records.parts),
    value: (path: string[]) => page.value(block, path).value,
    parentArranges: block.parent
      ? (page.value(blocks.value[block.parent], ['arrange', 'type']).value as string | undefined)
      : undefined,
  })
  const fields = computed(() => sharedFields(chosen.value.map((block) => fieldsOf(block, factsOf(block)))))

  /** Where a leaf stands in the state blocks are shown in; as it is where they are at rest. */
  const inState = (path: string[]) =>
    page.blockState.value && path[0] === 'look' ? ['states', page.blockState.value, ...path] : path
  const valueShown = (block: Block, path: string[]) =>
    page.value(block, inState(path)).value ?? page.value(block, path).value

  function stateOf(field: Field): FieldState {
    const paths = [field.path, ...(field.also ?? [])]
    const values = chosen.value.flatMap((block) => paths.map((path) => valueShown(block, path)))
    const isMixed = values.some((value) => !equal(value, values[0]))
    const differs = (block: Block, path: string[]) =>
      page.blockState.value ? page.value(block, inState(path)).value !== undefined : page.differs(block, path)
    return {
      field,
      value: isMixed ? undefined : values[0],
      isMixed,
      differs: chosen.value.some((block) => paths.some((path) => differs(block, path))),
      block: chosen.value.length === 1 ? chosen.value[0] : undefined,
      valueOf: (path) => valueShown(chosen.value[0], path),
    }
  }
  /** In a state only looks are otherwise. */
  const counts = ({ path }: Field) => !page.blockState.value || path[0] === 'look'
  const groups = computed((): { group: FieldGroup; states: FieldState[] }[] =>
    FIELD_GROUPS.map((group) => ({
      group,
      states: fields.value.filter((field) => field.group === group && counts(field)).map(stateOf),
    })).filter(({ states }) => states.length > 0),
  )

  /** Writes a field of all that is selected, at this band where bands may differ; no value gives it back. */
  function write(field: Field, value: Json | undefined, label = `Change ${field.label}`) {
    const where = variesByBand(field) ? at.value : { ...at.value, band: bands.value.lead }
    const paths = [field.path, ...(field.also ?? [])]
    page.change(
      label,
      paths.flatMap((path) => setLeaf(records.value, inState(path), value, where)),
      // A point that is dragged is one step.
      field.control.type === 'focus' ? `focus ${records.value.join(' ')}` : undefined,
    )
  }

  return { chosen, groups, write }
}
