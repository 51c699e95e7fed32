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
const PANELS = '.el-select__popper, .el-color-picker__panel'

/** Whether such a field holds the keys while nothing of it is open. */
function isInClosedField(target: EventTarget | null): boolean {
  if (!(target instanceof Element) || !target.closest(OPENING)) return false
  const isShown = (panel: HTMLElement) => panel.offsetParent !== null || panel.getClientRects().length > 0
  return ![...document.querySelectorAll<HTMLElement>(PANELS)].some(isShown)
}

/** These fields keep Escape to themselves even when closed; it is told again, to whatever they stand on. */
export function passEscapeOn(event: KeyboardEvent) {
  if (event.key !== 'Escape' || !isInClosedField(event.target)) return
  document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', code: 'Escape', bubbles: true }))
}
