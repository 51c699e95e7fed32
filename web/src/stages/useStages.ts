import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { useProject } from '../session/projectStore'
import { stages } from './stages'

/** The stages this project has, and what is done of what is due. */
export const useStages = createSharedComposable(() => {
  const project = useProject()
  const inProfile = computed(() => {
    const profile = project.site.records.settings.site?.profile
    return profile ? stages.filter(({ name }) => profile.includes(name)) : stages
  })
  /** pages that are drawn: those of the site itself, in the tree or outside it */
  const drawable = computed(() =>
    Object.values(project.site.records.pages).filter(({ kind }) => kind !== 'external'),
  )
  const isDrawn = (page: string) => Object.keys(project.drawing(page)?.records.blocks ?? {}).length > 0
  /** A page's stage is done when it was checked off; drawing it begins it, and it can be walked through. */
  const isDone = (page: string, stage: string) =>
    Boolean(project.site.records.pages[page]?.checked?.[stage]) ||
    ((stage === 'wireframe' || stage === 'walkthrough') && isDrawn(page))
  const done = (stage: string) => drawable.value.filter(({ id }) => isDone(id, stage)).length

  return { inProfile, drawable, isDrawn, isDone, done }
})
