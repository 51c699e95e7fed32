import type { PageLayout } from '../layout/pageLayout'
import type { Picture } from '../vector/mark'
import type { Finish, PictureAddress } from './finish'
import { PagePainter } from './pagePainter'

/** A laid-out page as one picture, as large as the page. */
export function pagePicture(
  layout: PageLayout,
  finish: Finish,
  { title, pictureAddress }: { title: string; pictureAddress: PictureAddress },
): Picture {
  const painter = new PagePainter(finish, pictureAddress)
  const { width, height, ground } = layout
  return {
    width,
    height,
    unit: 'px',
    title,
    ground: finish.colour(ground, 'ground', ground),
    marks: painter.sections(layout).map(({ painted }) => painted.group),
  }
}
