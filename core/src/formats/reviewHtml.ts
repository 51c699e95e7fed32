import { SEVERITIES } from '../review/finding'
import { countWords, type ReportEntry, type ReviewReport } from '../review/report/reviewReport'
import { cssSheet, fixedCss } from '../text/cssWriter'
import { htmlElement, htmlPage, htmlStyle, written, type Content } from '../text/elementWriter'

const LOOKS = fixedCss`body { margin: 32px auto; max-width: 880px; padding: 0 20px; font: 16px/1.5 sans-serif; color: #17211e; background: #fbfaf6 }
h2 { margin: 40px 0 8px; padding-bottom: 4px; border-bottom: 1px solid #d9d5c8 }
article { margin: 20px 0 28px }
article p { margin: 4px 0 }
.serious { color: #a13d2d; font-weight: 700 }
.fair { color: #8a5a0b; font-weight: 700 }
.slight { color: #56625d; font-weight: 700 }
.says { font-weight: 700 }
.why { color: #56625d }
img { display: block; max-width: 100%; height: auto; margin: 10px 0 0; border: 1px solid #d9d5c8 }
li { margin: 6px 0 }
@media print { article { break-inside: avoid } }
`

/** A review as one page that needs nothing else: each finding with why it matters, what mends it and its place. */
export function reviewHtml(report: ReviewReport): string {
  const { title, date, groups, left } = report
  const head = [htmlElement('title', {}, `${title}: review`), '\n', htmlStyle(cssSheet([LOOKS]))]
  return written(
    htmlPage('en', head, [
      htmlElement('h1', {}, `${title}: review`),
      htmlElement('p', {}, `${date}. ${countWords(report)}`),
      groups.map((group): Content => [
        '\n',
        htmlElement('h2', {}, group.title),
        group.entries.map((entry) => entryElement(entry)),
      ]),
      left.length
        ? [
            htmlElement('h2', {}, 'Left as it is, with the reason'),
            htmlElement(
              'ul',
              {},
              left.map(({ says, reason }) => htmlElement('li', {}, `${says} ${reason}`)),
            ),
          ]
        : '',
    ]),
  )
}

function entryElement({ severity, says, why, fix, place }: ReportEntry): Content {
  return [
    '\n',
    htmlElement('article', {}, [
      htmlElement('p', { class: severity }, SEVERITIES[severity]),
      htmlElement('p', { class: 'says' }, says),
      htmlElement('p', { class: 'why' }, why),
      fix ? htmlElement('p', {}, `What mends it: ${fix}.`) : '',
      place
        ? htmlElement('img', {
            ...{ src: place.address, width: place.width, height: place.height },
            alt: `The place on the page: ${says}`,
          })
        : '',
    ]),
  ]
}
