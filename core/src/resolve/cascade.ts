import { leafTable, overlay } from '../document/leafTable'
import { valueAt, withValue } from '../document/path'
import type { Json, StoredRecord } from '../document/types'
import { towardsLead, type BandRange } from '../grid/band'
import type { z } from 'zod'
import type { StyleParts } from './styleParts'

/** The bands of a site in order, with the one drawn first. */
export interface Bands<T extends BandRange = BandRange> {
  inOrder: T[]
  lead: string
}

/** A band among all bands, with how the style guide dresses blocks there, where that counts. */
export interface AtBand<T extends BandRange = BandRange> {
  bands: Bands<T>
  band: string
  parts?: StyleParts
}

/**
 * Where a value stands: in what a kind gives, in a part of the style guide, on the record itself, in a band's own values, in a copy of what is shared,
 * in a row of a series, or nowhere.
 */
export type ValueSource =
  | { from: 'kind' }
  | { from: 'part' }
  | { from: 'record' }
  | { from: 'band'; band: string }
  | { from: 'copy' }
  | { from: 'row' }
  | { from: 'nowhere' }

/** Values that lie over those of the layers before them. */
export interface Layer {
  source: ValueSource
  values: object
  /** leaves, keys joined by points, that are again as the layers of other things below give them */
  without?: Record<string, true>
  /** the record whose layer it is: what is `without` there ends at the first layer of the same record */
  record: object
}

/** A record with values of its own, and others for bands. */
export interface BandedRecord {
  at?: Record<string, object & { without?: Record<string, true> }>
}

/** Layers of a record at a band, weakest first: its own values, which are the lead's, then each band's on the way. */
export function recordLayers(record: BandedRecord, { bands, band }: AtBand): Layer[] {
  const layers: Layer[] = [{ source: { from: 'record' }, values: record, record }]
  if (!record.at) return layers
  for (const { id } of towardsLead(bands.inOrder, band, bands.lead).reverse()) {
    const values = record.at[id]
    if (values) layers.push({ source: { from: 'band', band: id }, values, without: values.without, record })
  }
  return layers
}

const NOWHERE: ValueSource = { from: 'nowhere' }

/** The value that layers, weakest first, give a leaf, and where it stands. @param path keys of the leaf */
export function foldLeaf(layers: Layer[], path: string[]): { value: Json | undefined; source: ValueSource } {
  const name = path.join('.')
  let cleared: Layer | undefined
  for (let index = layers.length - 1; index >= 0; index--) {
    const layer = layers[index]
    if (layer.record === cleared?.record) continue
    const value = valueAt(layer.values as StoredRecord, path)
    if (value !== undefined) return { value, source: cleared?.source ?? layer.source }
    if (layer.without?.[name]) cleared = layer
  }
  return { value: undefined, source: cleared?.source ?? NOWHERE }
}

/** All values that layers, weakest first, give together. What no layer changes is shared with the weakest. */
export function foldLayers<T extends object>(schema: z.ZodType<T>, layers: Layer[]): T {
  const table = leafTable(schema)
  let values = layers[0].values as T
  let below = values
  let { record } = layers[0]
  for (let index = 1; index < layers.length; index++) {
    const layer = layers[index]
    if (layer.record !== record) below = values
    record = layer.record
    for (const leaf in layer.without) values = asIn(below, values, leaf.split('.'))
    values = overlay(table, values, layer.values)
  }
  return values
}

/** Values with one leaf as it is in others. */
function asIn<T extends object>(others: T, values: T, path: string[]): T {
  return withValue(values as StoredRecord, path, valueAt(others as StoredRecord, path)) as T
}

/** Path under which a leaf is written for a band: on the record itself for the lead. */
export function pathAtBand(path: string[], { bands, band }: AtBand): string[] {
  return band === bands.lead ? path : ['at', band, ...path]
}
