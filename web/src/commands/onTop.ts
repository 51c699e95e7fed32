/** Whether a dialogue stands over the page: keys are its own then, and Escape closes it and nothing else. */
export function isDialogOpen(): boolean {
  // One that is just being taken away no longer counts.
  return [...document.querySelectorAll<HTMLElement>('.el-overlay')].some(
    (overlay) =>
      overlay.style.display !== 'none' &&
      !overlay.className.includes('leave') &&
      overlay.querySelector('.el-dialog') !== null,
  )
}

/** Fields whose lists and panels open over them. */
const OPENING = '.el-select, .el-color-picker'
export const PANELS = '.el-select__popper, .el-color-picker__panel'

/** The field that holds the keys while nothing of it is open. */
function closedField(target: EventTarget | null): Element | undefined {
  const field = target instanceof Element ? target.closest(OPENING) : null
  const isShown = (panel: Element) => panel.getClientRects().length > 0
  return field && ![...document.querySelectorAll(PANELS)].some(isShown) ? field : undefined
}

const passed = new WeakSet<Event>()
/** Whether Escape was told again: it is for panels and dialogues, for commands it was meant for the field. */
export const isPassedOn = (event: Event) => passed.has(event)

/** These fields keep Escape to themselves even when closed; it is told again, to whatever they stand on. */
export function passEscapeOn(event: KeyboardEvent) {
  const field = event.key === 'Escape' && !isPassedOn(event) ? closedField(event.target) : undefined
  if (!field) return
  const again = new KeyboardEvent('keydown', { key: 'Escape', code: 'Escape', bubbles: true })
  passed.add(again)
  field.parentElement?.dispatchEvent(again)
}
