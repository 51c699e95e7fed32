import { expose } from 'comlink'
import { readPageList } from './readPageList'
import { readTable } from './readTable'

/** Reading what comes from outside, away from the page's own thread. */
const reader = { readPageList, readTable }

export type Reader = typeof reader

expose(reader)
