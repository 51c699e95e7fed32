import { addressTyped } from './addressTyped'

test.each([
  ['help@skerrin.example', 'mailto:help@skerrin.example'],
  [' +44 (0)20 7946 0018 ', 'tel:+4402079460018'],
  ['skerrin.example/fares', 'https://skerrin.example/fares'],
  ['https://skerrin.example', 'https://skerrin.example'],
  ['/files/timetable.pdf', '/files/timetable.pdf'],
  ['#fares', '#fares'],
  ['javascript:alert(1)', undefined],
  ['somewhere', undefined],
])('%s leads to %s', (typed, address) => {
  expect(addressTyped(typed)).toBe(address)
})
