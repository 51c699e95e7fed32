import type { Credit } from '@nolvex/core/site/credit'
import type { SceneColours } from '@nolvex/core/resolve/sceneColours'
import type { SceneName } from '@nolvex/core/paint/scenes/scenes'

/** A picture of the demo: what it is of, and the number that makes it. */
export interface DemoPicture extends Partial<SceneColours> {
  id: string
  name: string
  scene: SceneName
  seed: number
}

/** px, as all of them are */
export const PICTURE_SIZE = { width: 1680, height: 1120 }

export const pictureIds = {
  harbour: 'assetharbour0000',
  orrel: 'assetorrel000000',
  tansay: 'assettansay00000',
  hask: 'assethask0000000',
  evening: 'assetevening0000',
  fromAbove: 'assetfromabove00',
  inn: 'assetinn00000000',
  crew: 'assetcrew0000000',
  boats: ['assetboats100000', 'assetboats200000', 'assetboats300000', 'assetboats400000'],
  birds: ['assetbirds100000', 'assetbirds200000', 'assetbirds300000', 'assetbirds400000', 'assetbirds500000'],
}

export const pictures: DemoPicture[] = [
  { id: pictureIds.harbour, name: 'harbour.jpg', scene: 'harbour', seed: 21 },
  { id: pictureIds.orrel, name: 'orrel.jpg', scene: 'coast', seed: 14 },
  { id: pictureIds.tansay, name: 'tansay.jpg', scene: 'coast', seed: 28 },
  { id: pictureIds.hask, name: 'little-hask.jpg', scene: 'coast', seed: 7 },
  { id: pictureIds.evening, name: 'evening-boat.jpg', scene: 'coast', seed: 42 },
  { id: pictureIds.inn, name: 'the-inn.jpg', scene: 'harbour', seed: 42 },
  { id: pictureIds.crew, name: 'ticket-hut.jpg', scene: 'harbour', seed: 35 },
  ...pictureIds.boats.map((id, index): DemoPicture => ({
    ...{ id, name: `boat-${index + 1}.jpg`, scene: 'coast', seed: 63 + index * 7 },
  })),
  ...pictureIds.birds.map((id, index): DemoPicture => ({
    ...{ id, name: `hask-${index + 1}.jpg`, scene: index % 2 ? 'aerial' : 'coast', seed: 50 + index * 3 },
  })),
  { id: pictureIds.fromAbove, name: 'orrel-from-above.jpg', scene: 'aerial', seed: 14 },
]

/** Where the pictures are from; of the inn's nobody has written it down yet, which review finds. */
export const credits: Credit[] = ['assetfreight0000', ...pictures.map(({ id }) => id)]
  .filter((id) => id !== pictureIds.inn)
  .map((id) => ({ id, source: 'Made for this demo', licence: 'Free to use with it' }))
