import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { SOLIDS, type SolidName, type Triple } from '@nolvex/core/artwork/solids'
import { USUAL_VIEW, type View } from '@nolvex/core/artwork/view'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import { artworkScene } from '@nolvex/core/resolve/artworkScene'
import { atBand, bandsOf } from '@nolvex/core/resolve/resolvePage'
import { sceneColours } from '@nolvex/core/resolve/sceneColours'
import { StyleTokens } from '@nolvex/core/resolve/styleTokens'
import type { Artwork, Solid } from '@nolvex/core/site/artwork'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** px of an artwork that is for no block yet */
const USUAL_SIZE = { width: 1440, height: 640 }
/** Where a copy stands from what it was made of. */
const ASIDE = 0.6

/** The artworks of a project, the one that is shown, the solid that is chosen in it, and changes to both. */
export function useArtwork() {
  const project = useProject()
  const route = useRoute()
  const router = useRouter()
  const artworks = computed(() => inOrder(Object.values(project.site.records.artworks)))
  const artwork = computed(
    () =>
      artworks.value.find(({ id }) => id === route.params.artwork) ??
      (artworks.value[0] as Artwork | undefined),
  )
  const solids = computed(() =>
    inOrder(Object.values(project.site.records.solids).filter((one) => one.artwork === artwork.value?.id)),
  )
  const chosen = ref<string>()
  const solid = computed(() => solids.value.find(({ id }) => id === chosen.value))
  watch(
    () => artwork.value?.id,
    () => (chosen.value = undefined),
  )

  const scene = computed(() => {
    if (!artwork.value) return undefined
    const at = atBand(project, bandsOf(project.site).lead)
    const tokens = new StyleTokens(project.style, at)
    return artworkScene(artwork.value, solids.value, tokens, sceneColours(project.style, at))
  })
  const view = computed(() => artwork.value?.view ?? USUAL_VIEW)

  const show = (id: string) =>
    router.replace({ name: 'artwork', params: { project: project.id, artwork: id } })

  function add(name: string, more: Partial<Artwork> = {}) {
    const id = newId()
    const record = { ...USUAL_SIZE, ...more, id, name } as unknown as { id: string }
    project.changeSite(
      `Add the artwork ${name}`,
      putAmong('artworks', artworks.value, artworks.value.length, [record]),
    )
    void show(id)
  }
  function remove() {
    if (!artwork.value) return
    const { id, name } = artwork.value
    project.changeSite(`Delete the artwork ${name}`, [{ type: 'remove', collection: 'artworks', id }])
  }
  function set(label: string, path: string[], value: Json | undefined, mergeKey?: string) {
    if (!artwork.value) return
    const { id } = artwork.value
    const operation = { type: 'set' as const, collection: 'artworks', id, path }
    project.changeSite(label, [{ ...operation, ...(value === undefined ? {} : { value }) }], mergeKey)
  }
  /** Views that follow on one another are one step back. */
  const look = (now: View) =>
    set('Turn the artwork', ['view'], now as unknown as Json, `view ${artwork.value?.id}`)

  function putSolid(label: string, record: Omit<Solid, 'order'>) {
    const put = putAmong('solids', solids.value, solids.value.length, [record as unknown as { id: string }])
    project.changeSite(label, put)
    chosen.value = record.id
  }
  function addSolid(kind: SolidName) {
    if (!artwork.value) return
    const size: Triple = kind === 'waves' ? [8, 0.3, 8] : [1, 1, 1]
    putSolid(`Add a ${SOLIDS[kind].toLowerCase()}`, {
      ...{ id: newId(), artwork: artwork.value.id, name: nameFor(SOLIDS[kind]), solid: kind },
      at: freePlace(),
      size,
    })
  }
  /** To the right of all that stands there; the first in the middle of the view. */
  function freePlace(): Triple {
    const [x, , z] = view.value.at
    const standing = solids.value.filter(({ solid }) => solid !== 'waves')
    if (standing.length === 0) return [x, 0, z]
    return [within(Math.max(...standing.map(({ at, size }) => at[0] + size[0] / 2)) + ASIDE), 0, z]
  }
  function nameFor(label: string): string {
    const taken = new Set(solids.value.map(({ name }) => name))
    for (let count = 1; ; count++) {
      const name = count === 1 ? label : `${label} ${count}`
      if (!taken.has(name)) return name
    }
  }
  function duplicateSolid() {
    if (!solid.value) return
    const { order: _order, ...same } = solid.value
    const [x, y, z] = same.at
    putSolid('Duplicate the solid', {
      ...{ ...same, id: newId(), name: nameFor(same.name.replace(/ \d+$/, '')) },
      at: [within(x + ASIDE), y, within(z + ASIDE)],
    })
  }
  function removeSolid() {
    if (!solid.value) return
    const { id, name } = solid.value
    project.changeSite(`Delete ${name}`, [{ type: 'remove', collection: 'solids', id }])
    chosen.value = undefined
  }
  function setSolid(label: string, path: string[], value: Json | undefined, mergeKey?: string) {
    if (!solid.value) return
    const operation = { type: 'set' as const, collection: 'solids', id: solid.value.id, path }
    project.changeSite(label, [{ ...operation, ...(value === undefined ? {} : { value }) }], mergeKey)
  }
  /** Places the chosen solid; steps that follow on one another are one step back. */
  const moveSolid = (at: Triple, mergeKey?: string) =>
    setSolid(
      'Move the solid',
      ['at'],
      at.map((value) => round(within(value))),
      mergeKey,
    )

  return {
    ...{ artworks, artwork, solids, chosen, solid, scene, view },
    ...{ show, add, remove, set, look, addSolid, duplicateSolid, removeSolid, setSolid, moveSolid },
  }
}

const within = (value: number) => Math.min(50, Math.max(-50, value))
const round = (value: number) => Math.round(value * 1000) / 1000

export type ArtworkDesk = ReturnType<typeof useArtwork>
