/** The elements blocks become in HTML. */
export const TAGS = [
  'header',
  'section',
  'footer',
  'nav',
  'aside',
  'article',
  'div',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'p',
  'blockquote',
  'a',
  'hr',
  'picture',
  'button',
] as const
export type Tag = (typeof TAGS)[number]
