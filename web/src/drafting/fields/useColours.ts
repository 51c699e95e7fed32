import { computed } from 'vue'
import { readColour } from '@nolvex/core/colour/readColour'
import type { Role } from '@nolvex/core/colour/roles'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import { tokenOfRole } from '@nolvex/core/style/token'
import { useProject } from '../../session/projectStore'

/** Colours as they are chosen: the style guide's by name, or any as CSS writes them. */
export function useColours() {
  const project = useProject()
  const named = computed(() => {
    const tokens = Object.values(project.style.records.tokens).filter(({ type }) => type === 'colour')
    return Object.fromEntries(inOrder([...tokens]).map(({ id, name }) => [`token:${id}`, name]))
  })

  /** Choices with the one that stands: typed, or a token that was deleted. */
  function choicesWith(choice: string | undefined): Record<string, string> {
    if (choice === undefined || choice === 'none' || choice in named.value) return named.value
    return { ...named.value, [choice]: choice.startsWith('token:') ? 'a token that is gone' : choice }
  }

  /** A colour as the choice that stands for it. */
  function choiceOf(value: Json | undefined): string | undefined {
    if (value === 'none') return 'none'
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return undefined
    if ('token' in value) return `token:${String(value.token)}`
    const ofRole = 'role' in value ? tokenOfRole(project.style.records.tokens, value.role as Role) : undefined
    return ofRole ? `token:${ofRole.id}` : String(value.hex)
  }

  /** The colour a choice, or a typed colour, stands for; nothing where it is neither. */
  function colourOf(choice: string): Json | undefined {
    if (choice === 'none') return 'none'
    if (choice.startsWith('token:')) return { token: choice.slice(6) }
    const read = readColour(choice)
    return 'hex' in read ? { hex: read.hex } : undefined
  }

  return { choicesWith, choiceOf, colourOf }
}
