import { computed } from 'vue'
import { fontCatalogue, LETTERING } from '@nolvex/core/text/fontCatalogue'
import { useProject } from '../session/projectStore'

/** Families a level may be set in: those that ship, then the project's own. */
export function useFamilies() {
  const project = useProject()
  const shipped = [...new Set(fontCatalogue.map(({ family }) => family))].filter((name) => name !== LETTERING)
  const families = computed(() => {
    const own = Object.values(project.style.records.families).map(({ name }) => name)
    return [...new Set([...shipped, ...own])]
  })
  const choices = computed(() => Object.fromEntries(families.value.map((name) => [name, name])))
  return { shipped, families, choices }
}
