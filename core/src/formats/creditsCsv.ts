import type { Credit } from '../site/credit'
import { writeCsv } from './csv'

/** Where pictures are from and what they may be used for, as CSV. @param credits with the path of each file */
export const creditsCsv = (credits: (Pick<Credit, 'source' | 'licence'> & { path: string })[]): string =>
  writeCsv(
    ['file', 'comes from', 'licence'],
    credits.map(({ path, source, licence }) => [path, source, licence]),
  )
