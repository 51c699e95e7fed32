import { computed } from 'vue'
import { hexSchema } from '@nolvex/core/colour/hex'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import { useProject } from '../../session/projectStore'

/** Colours as they are chosen: the style guide's by name, or any as #rrggbb. */
export function useColours() {
  const project = useProject()
  const named = computed(() => {
    const tokens = Object.values(project.style.records.tokens).filter(({ type }) => type === 'colour')
    return Object.fromEntries(inOrder([...tokens]).map(({ id, name }) => [`token:${id}`, name]))
  })

  /** A colour as the choice that stands for it. */
  function choiceOf(value: Json | undefined): string | undefined {
    if (value === 'none') return 'none'
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return undefined
    return 'token' in value ? `token:${String(value.token)}` : String(value.hex)
  }

  /** The colour a choice, or a typed #rrggbb, stands for; nothing where it is neither. */
  function colourOf(choice: string): Json | undefined {
    if (choice === 'none') return 'none'
    if (choice.startsWith('token:')) return { token: choice.slice(6) }
    const hex = choice.startsWith('#') ? choice.toLowerCase() : `#${choice.toLowerCase()}`
    return hexSchema.safeParse(hex).success ? { hex } : undefined
  }

  return { named, choiceOf, colourOf }
}
