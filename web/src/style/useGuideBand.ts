import { computed, ref } from 'vue'
import { useProject } from '../session/projectStore'

/** The band a view of the guide shows, and whose values it changes. The lead's stand for all that have none of their own. */
export function useGuideBand() {
  const project = useProject()
  const chosen = ref<string>()
  const bands = computed(() => Object.values(project.site.records.bands).sort((a, b) => a.from - b.from))
  const lead = computed(() => project.site.records.settings.site.lead)
  const band = computed(
    () => bands.value.find(({ id }) => id === (chosen.value ?? lead.value)) ?? bands.value[0],
  )
  const isLead = computed(() => band.value.id === lead.value)
  const choices = computed(() =>
    Object.fromEntries(
      bands.value.map(({ id, name }) => [id, id === lead.value ? `${name}, which the others follow` : name]),
    ),
  )
  const choose = (id: string | undefined) => (chosen.value = id)
  return { band, isLead, choices, choose }
}
