import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { CollectionDocument } from '@nolvex/core/content/collection'
import { emptyContent, type ContentDocument } from '@nolvex/core/content/content'
import { emptyHistory } from '@nolvex/core/document/history'
import type { Ordered } from '@nolvex/core/document/order'
import { moveAmong } from '@nolvex/core/document/placing'
import type { ChangePart, Documents, Json, Operation } from '@nolvex/core/document/types'
import { emptyDrawing, type DrawingDocument } from '@nolvex/core/drawing/drawing'
import { aroundPages, type PageSources } from '@nolvex/core/resolve/pageSources'
import type { SiteDocument } from '@nolvex/core/site/site'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { StyleDocument } from '@nolvex/core/style/style'
import { useOthers } from './others'
import type { NotSaved } from './queue'
import { Session, type SessionView } from './session'

const nothing: SessionView = {
  documents: {},
  history: emptyHistory,
  waiting: 0,
  connection: 'saved',
  notSaved: [],
  isKept: true,
}

/** Plain data without the framework's proxies, which neither the queue nor a worker could take. */
const plainData = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** The project that is open, its documents, and the ways to change them. */
export const useProject = defineStore('project', () => {
  const id = ref('')
  const name = ref('')
  const view = shallowRef<SessionView>(nothing)
  const opening = ref<string | undefined>()
  let session: Session | undefined
  const others = useOthers((where) => session?.say(where))

  async function open(project: string) {
    if (id.value === project && session) return
    session?.close()
    id.value = project
    name.value = ''
    view.value = nothing
    opening.value = undefined
    others.forget()
    session = new Session(
      project,
      (now) => (view.value = now),
      (presence) => others.hear(presence),
    )
    try {
      name.value = await session.open()
    } catch (error) {
      opening.value = (error as Error).message
      session = undefined
    }
  }

  const site = computed(() => (view.value.documents.site ?? usualSite) as unknown as SiteDocument)
  const style = computed(() => (view.value.documents.style ?? plainStyle) as unknown as StyleDocument)

  const content = computed(() => (view.value.documents.content ?? emptyContent) as unknown as ContentDocument)
  const collections = computed(
    () =>
      Object.values(view.value.documents).filter(
        ({ kind, records }) => kind === 'collection' && records.settings.collection,
      ) as unknown as CollectionDocument[],
  )

  function drawing(page: string): DrawingDocument | undefined {
    return view.value.documents[page] as unknown as DrawingDocument | undefined
  }

  /** one object while nothing in it changes, so that what shows it is not painted again */
  const around = computed((before: Documents | undefined): Documents => {
    const now = aroundPages(view.value.documents)
    const isSame =
      before &&
      Object.keys(now).length === Object.keys(before).length &&
      Object.entries(now).every(([id, document]) => before[id] === document)
    return isSame ? before : now
  })
  /** Everything a page is resolved from. */
  const sources = (page: string): PageSources => ({
    drawing: drawing(page) ?? emptyDrawing(page),
    site: site.value,
    style: style.value,
    around: around.value,
  })

  function change(label: string, parts: ChangePart[], mergeKey?: string) {
    session?.change(label, plainData(parts), mergeKey)
  }

  function changeSite(label: string, operations: Operation[], mergeKey?: string) {
    if (operations.length) change(label, [{ document: 'site', kind: 'site', operations }], mergeKey)
  }

  /** Writes one value of a record of the site, or clears it. */
  function setSite(label: string, collection: string, id: string, path: string[], value: Json | undefined) {
    changeSite(label, [{ type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }])
  }

  /** Moves a record of the site among those it stands with. @param list all of them, in order */
  function moveRecord(label: string, collection: string, list: Ordered[], id: string, index: number) {
    const others = list.filter((one) => one.id !== id)
    changeSite(label, moveAmong(collection, others, index, id))
  }

  function changeContent(label: string, operations: Operation[]) {
    if (operations.length) change(label, [{ document: 'content', kind: 'content', operations }])
  }

  function changeDrawing(label: string, page: string, operations: Operation[], mergeKey?: string) {
    if (operations.length) change(label, [{ document: page, kind: 'drawing', operations }], mergeKey)
  }

  return {
    id,
    name,
    view,
    opening,
    site,
    style,
    content,
    collections,
    drawing,
    around,
    sources,
    open,
    change,
    changeSite,
    setSite,
    moveRecord,
    changeContent,
    changeDrawing,
    others: others.shown,
    beAt: others.beAt,
    undo: () => session?.undo(),
    redo: () => session?.redo(),
    dismissNotSaved: () => session?.dismissNotSaved(),
    retryNotSaved: (item: NotSaved) => session?.retryNotSaved(item),
    isLoaded: computed(() => name.value !== ''),
  }
})
