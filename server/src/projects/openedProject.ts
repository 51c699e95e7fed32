import type { CheckedPicture } from '../assets/checkPicture'

/** A project file that was read and found whole: what it holds lies in the folder it was read in. */
export interface OpenedProject {
  name: string
  /** name of the file with the packed documents, and how many bytes they have unpacked */
  snapshot: string
  bytes: number
  assets: (CheckedPicture & { id: string; name: string })[]
}
