import type { Finish } from './finish'
import { picturePart } from './placedPicture'
import { plainFinish } from './plainFinish'

/** The mockup: every colour as the style guide has it, pictures as they are. A picture that is not there yet is crossed. */
export const finishedFinish: Finish = {
  marksSupplied: false,
  adjustsPictures: true,
  colour: (colour) => colour,
  picture: (frame, placed, address) =>
    address ? [picturePart(frame, placed, address)] : plainFinish.picture(frame, placed, address),
  backdrop: (placed, address) =>
    address ? [{ type: 'image', ...placed, href: address, fit: 'stretch' }] : [],
}
