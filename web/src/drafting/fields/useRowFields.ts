import { computed } from 'vue'
import { fieldsOf } from '@nolvex/core/content/collectionChanges'
import { useProject } from '../../session/projectStore'
import type { ControlProps } from './control'

/** The fields of the collection whose rows the selected block shows. */
export function useRowFields(props: ControlProps) {
  const project = useProject()
  return computed(() => {
    const collection = project.collections.find(({ id }) => id === props.state.block?.data?.collection)
    return collection
      ? fieldsOf(collection).map(({ id, name }): readonly [string, string] => [id, name || 'Untitled'])
      : []
  })
}
