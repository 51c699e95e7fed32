import type { Finish } from './finish'
import { plainFinish } from './plainFinish'

/** The mockup: every colour as the style guide has it, pictures as they are. A picture that is not there yet is crossed. */
export const finishedFinish: Finish = {
  marksSupplied: false,
  colour: (colour) => colour,
  picture: (frame, fit, address) =>
    address ? [{ type: 'image', ...frame, href: address, fit }] : plainFinish.picture(frame, fit, address),
  backdrop: (placed, address) =>
    address ? [{ type: 'image', ...placed, href: address, fit: 'stretch' }] : [],
}
