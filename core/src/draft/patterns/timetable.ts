import { count, type Pattern } from '../pattern'
import { opening, section } from '../pieces'

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']

/** Times by day; at narrow bands each line becomes a list of pairs. */
export const timetable: Pattern = {
  id: 'timetable',
  label: 'Timetable',
  group: 'facts',
  also: 'times hours schedule opening departures calendar week programme days table',
  usualHeading: 'Times',
  expects: 'lines of times, with what they are for',
  parameters: [count('columns', 'Columns', 4, 2, 6), count('rows', 'Lines', 7, 2, 24)],
  make: ({ heading: title, text: words }, { columns, rows }) => {
    const heads = Array.from({ length: Number(columns) - 1 }, (_, index) => `Time ${index + 1}`)
    const lines = Array.from({ length: Number(rows) }, (_, row) => [
      DAYS[row % DAYS.length],
      ...heads.map((_, index) => `${String(8 + index * 3).padStart(2, '0')}:${row % 2 ? '30' : '00'}`),
    ])
    return section('Timetable', [
      opening(title, words),
      {
        kind: 'table',
        name: 'Timetable',
        columns: { wide: 'all' },
        data: { cells: [['Day', ...heads], ...lines] },
        narrow: { manner: 'pairs' },
      },
    ])
  },
}
