import { idMaker } from '@nolvex/core/document/ids'

/** A new id from the browser's random source. */
export const newId = idMaker((bytes) => crypto.getRandomValues(bytes as Uint8Array<ArrayBuffer>))
