import { count, type Pattern } from '../pattern'
import { MIDDLE, opening, section, text } from '../pieces'
import { partsOf } from '../sectionContent'

/** Questions, each of which opens its answer. */
export const questions: Pattern = {
  id: 'questions',
  label: 'Questions',
  group: 'facts',
  also: 'faq answers help ask accordion frequent support good to know',
  expects: 'questions in the visitor’s words, each with a short answer',
  parameters: [count('count', 'Questions', 5, 2, 20)],
  make: (content, { count: many }) =>
    section('Questions', [
      opening(content.heading, content.text, MIDDLE),
      {
        kind: 'accordion',
        name: 'Questions',
        columns: MIDDLE,
        holds: partsOf(content, Number(many), 'Question').map(({ title, text: words }) => ({
          kind: 'box' as const,
          name: title.endsWith('?') ? title : `${title}?`,
          holds: [text(words)],
        })),
      },
    ]),
}
