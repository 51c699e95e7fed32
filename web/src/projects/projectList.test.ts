import type { ProjectSummary } from '../session/api'
import { listed } from './projectList'

const project = (name: string, begun: string, changed: string): ProjectSummary => ({
  id: name,
  name,
  revision: 1,
  createdAt: `${begun}T09:00:00Z`,
  updatedAt: `${changed}T09:00:00Z`,
})
const projects = [
  project('Harbour 10', '2026-01-03', '2026-02-01'),
  project('harbour 9', '2026-01-01', '2026-03-01'),
  project('Isles of Skerrin', '2026-01-02', '2026-03-01'),
]
const names = (words: string, order: 'changed' | 'begun' | 'name') =>
  listed(projects, words, order).map(({ name }) => name)

test('projects are sorted by name, with the numbers in it, or by when they were changed or begun', () => {
  expect(names('', 'name')).toEqual(['harbour 9', 'Harbour 10', 'Isles of Skerrin'])
  expect(names('', 'changed')).toEqual(['harbour 9', 'Isles of Skerrin', 'Harbour 10'])
  expect(names('', 'begun')).toEqual(['Harbour 10', 'Isles of Skerrin', 'harbour 9'])
})

test('all words must be in the name, in any order and case', () => {
  expect(names('skerrin ISLES', 'name')).toEqual(['Isles of Skerrin'])
  expect(names('harbour', 'name')).toHaveLength(2)
  expect(names('harbour isles', 'name')).toEqual([])
})
