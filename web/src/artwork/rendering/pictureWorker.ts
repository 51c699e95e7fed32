import { expose } from 'comlink'
import { finalPicture } from './finalPicture'

export type PictureRenderer = typeof finalPicture
expose(finalPicture)
