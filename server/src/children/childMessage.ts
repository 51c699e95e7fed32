import type { CheckPictureInput, CheckedPicture } from '../assets/checkPicture'
import type { ScalePictureInput } from '../assets/scalePicture'
import type { RenderInput } from '../exports/render'
import type { ReadFont, ReadFontInput } from '../fonts/readFont'
import type { WriteProjectInput } from '../exports/writeProject'
import type { OpenedProject } from '../projects/openedProject'

/** What child processes do: each task with what it is given and what it gives back. Files go through a folder. */
export interface ChildTasks {
  checkPicture: { input: CheckPictureInput; result: CheckedPicture }
  scalePicture: { input: ScalePictureInput; result: { file: string } }
  readFont: { input: ReadFontInput; result: ReadFont }
  openProject: { input: object; result: OpenedProject }
  render: { input: RenderInput; result: object }
  writeProject: { input: WriteProjectInput; result: object }
  writeSitemap: { input: object; result: { ending: 'xml' | 'zip' } }
}
export type ChildTask = keyof ChildTasks

/** What a child is asked. `folder` holds the files it reads and gets those it writes. */
export interface ChildQuestion<T extends ChildTask = ChildTask> {
  task: T
  folder: string
  input: ChildTasks[T]['input']
}

/** What a child answers: a result, a problem a person can act on, or that something went wrong. */
export type ChildAnswer =
  | { result: ChildTasks[ChildTask]['result'] }
  | { problem: { status: number; message: string } }
  | { failure: { name: string; message: string; stack?: string } }
