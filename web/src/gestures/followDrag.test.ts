import { followDrag } from './followDrag'

/** An element that counts who listens to it. */
class PretendElement extends EventTarget {
  listeners = 0
  setPointerCapture() {}
  override addEventListener(type: string, listener: EventListener, options?: AddEventListenerOptions) {
    this.listeners++
    options?.signal?.addEventListener('abort', () => this.listeners--)
    super.addEventListener(type, listener, options)
  }
}

let element: PretendElement
let window: PretendElement
let told: string[]
const at = (type: string, clientX: number, clientY: number, more: object = {}) =>
  Object.assign(new Event(type), { clientX, clientY, ...more })
const send = (type: string, x = 0, y = 0) => element.dispatchEvent(at(type, x, y))

beforeEach(() => {
  element = new PretendElement()
  window = new PretendElement()
  told = []
  Object.assign(globalThis, { window })
  const press = Object.assign(at('pointerdown', 10, 10), { pointerId: 1 })
  Object.defineProperty(press, 'currentTarget', { value: element })
  followDrag(press as unknown as PointerEvent, {
    begin: () => told.push('begin'),
    move: (dx, dy) => told.push(`move ${dx} ${dy}`),
    end: (kept) => told.push(kept ? 'kept' : 'broken off'),
    click: () => told.push('click'),
  })
})
afterEach(() => {
  expect([element.listeners, window.listeners]).toEqual([0, 0])
  Reflect.deleteProperty(globalThis, 'window')
})

test('a drag begins once, moves by the way from the press, and is kept when let go', () => {
  send('pointermove', 12, 11)
  send('pointermove', 20, 10)
  send('pointermove', 25, 15)
  send('pointerup')
  send('pointermove', 90, 90)
  expect(told).toEqual(['begin', 'move 10 0', 'move 15 5', 'kept'])
})

test('what never moved far enough is a click', () => {
  send('pointermove', 12, 12)
  send('pointerup')
  expect(told).toEqual(['click'])
})

test.each(['pointercancel', 'lostpointercapture'])('%s breaks it off', (type) => {
  send('pointermove', 40, 10)
  send(type)
  expect(told).toEqual(['begin', 'move 30 0', 'broken off'])
})

test('a press the browser takes away is neither a drag nor a click', () => {
  send('pointercancel')
  expect(told).toEqual([])
})

test('Escape breaks it off and reaches nothing else; other keys do nothing', () => {
  send('pointermove', 40, 10)
  window.dispatchEvent(Object.assign(new Event('keydown'), { key: 'a' }))
  const escape = Object.assign(new Event('keydown'), { key: 'Escape' })
  let reached = false
  escape.stopPropagation = () => (reached = true)
  window.dispatchEvent(escape)
  expect(reached).toBe(true)
  expect(told.at(-1)).toBe('broken off')
})
