import { placeholderPicture } from '@nolvex/core/markup/placeholderPicture'

/** What stands for a picture that has not been chosen, as a data address. @param width px of its room, and its height */
export const placeholderAddress = (width: number, height: number): string =>
  `data:image/svg+xml;base64,${Buffer.from(placeholderPicture(width, height)).toString('base64')}`
