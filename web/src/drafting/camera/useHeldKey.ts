import { useEventListener } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { isField } from '../../commands/isField'

/**
 * Whether a key is held down, beside fields that take it themselves.
 * @param key as events name it, letters in capitals
 */
export function useHeldKey(key: string): Ref<boolean> {
  const isHeld = ref(false)
  const names = ({ key: pressed }: KeyboardEvent) => (pressed.length === 1 ? pressed.toUpperCase() : pressed)
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (names(event) !== key || event.ctrlKey || event.metaKey || event.altKey) return
    // A button is pressed by the space bar itself.
    if (isField(event.target) || (key === ' ' && event.target instanceof HTMLButtonElement)) return
    // Held, the space bar would scroll the desk.
    if (key === ' ') event.preventDefault()
    isHeld.value = true
  })
  useEventListener(window, 'keyup', (event: KeyboardEvent) => {
    if (names(event) === key) isHeld.value = false
  })
  useEventListener(window, 'blur', () => (isHeld.value = false))
  return isHeld
}
