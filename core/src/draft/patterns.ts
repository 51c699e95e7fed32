import type { Pattern } from './pattern'
import { actionAtHand } from './patterns/actionAtHand'
import { article } from './patterns/article'
import { backToTop } from './patterns/backToTop'
import { callToAction } from './patterns/callToAction'
import { cards } from './patterns/cards'
import { comparison } from './patterns/comparison'
import { contact } from './patterns/contact'
import { features } from './patterns/features'
import { figures } from './patterns/figures'
import { film } from './patterns/film'
import { footer } from './patterns/footer'
import { footerLine } from './patterns/footerLine'
import { gallery } from './patterns/gallery'
import { header } from './patterns/header'
import { headerSearch } from './patterns/headerSearch'
import { headerUtility } from './patterns/headerUtility'
import { heroAbove } from './patterns/heroAbove'
import { heroBeside } from './patterns/heroBeside'
import { heroOver } from './patterns/heroOver'
import { latest } from './patterns/latest'
import { logos } from './patterns/logos'
import { nothingFound } from './patterns/nothingFound'
import { notice } from './patterns/notice'
import { pageTitle } from './patterns/pageTitle'
import { pagesBelow } from './patterns/pagesBelow'
import { people } from './patterns/people'
import { place } from './patterns/place'
import { prices } from './patterns/prices'
import { questions } from './patterns/questions'
import { quotes } from './patterns/quotes'
import { signUp } from './patterns/signUp'
import { steps } from './patterns/steps'
import { tabbed } from './patterns/tabbed'
import { timetable } from './patterns/timetable'
import { words } from './patterns/words'
import { wordsAndPicture } from './patterns/wordsAndPicture'

/** Every section pattern, in the order it is offered. A new one is one file in `patterns/` and one line here. */
export const patterns: Pattern[] = [
  header,
  headerUtility,
  headerSearch,
  notice,
  heroBeside,
  heroOver,
  heroAbove,
  pageTitle,
  wordsAndPicture,
  words,
  article,
  film,
  cards,
  features,
  steps,
  quotes,
  people,
  logos,
  gallery,
  latest,
  pagesBelow,
  prices,
  comparison,
  timetable,
  questions,
  figures,
  tabbed,
  signUp,
  contact,
  place,
  callToAction,
  actionAtHand,
  nothingFound,
  footer,
  footerLine,
  backToTop,
]

export const patternById = (id: string): Pattern | undefined => patterns.find((one) => one.id === id)
