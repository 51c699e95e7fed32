import type { ColourUse } from '../block/look'
import type { ShownPicture } from '../block/primitive'
import type { Frame, Mark } from '../vector/mark'

/** Address of a picture that has been chosen, as a data URI or on the same server; nothing for one that has not. */
export type PictureAddress = (picture: ShownPicture) => string | undefined

/** One of the ways to paint the same drawing: one file each. */
export interface Finish {
  /** A colour as it comes out. @param ground what it stands on, as that came out */
  colour: (colour: string, use: ColourUse, ground: string) => string
  /**
   * What a picture is painted as.
   * @param frame px, inside border and padding
   * @param placed px, the whole picture as large as it is shown, of which the frame shows a part
   */
  picture: (frame: Frame, placed: Frame, address: string | undefined) => Mark[]
  /**
   * What a picture behind other things is painted as, where that is not a pale picture.
   * @param placed px, as large as it is shown
   */
  backdrop?: (placed: Frame, address: string | undefined) => Mark[]
  /** whether pictures are shown in their own light and colours, adjusted as they are meant to be */
  adjustsPictures?: true
  /** whether what the developer supplies is marked; it is where this is not said */
  marksSupplied?: false
  /** The marks of an instance as this finish draws them; as they are where it does not say. @param key of the instance */
  drawn?: (marks: Mark[], key: string) => Mark[]
}
