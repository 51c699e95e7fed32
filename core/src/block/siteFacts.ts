/** A line of a menu, a trail or a list of pages, as a block shows it. */
export interface SiteLine {
  id: string
  label: string
  /** where it leads; nothing where its page is gone or it only opens what is below it */
  href?: string
  /** whether it leads to the page the block stands on, and whether that page is below it */
  isCurrent: boolean
  isOpen: boolean
  below: SiteLine[]
}

/** What the plan of the site says to a block that stands on one of its pages. */
export interface SiteFacts {
  /** where a page stands on the site, or nothing when it is gone */
  pageAddress: (page: string) => string | undefined
  /** what an address leads to a section of a page by, or nothing when it is gone */
  sectionAnchor: (section: string) => string | undefined
  /** what an overlay is known by within pages, or nothing when it is gone */
  overlay: (overlay: string) => string | undefined
  /** the overlay the block stands in, if it is in one */
  within: string | undefined
  /** the lines of a menu, or nothing when it is gone */
  menu: (menu: string) => SiteLine[] | undefined
  /** the pages from the first to the one the block stands on */
  trail: () => SiteLine[]
  /** the pages below one; below the one the block stands on where none is named */
  pagesBelow: (page?: string) => SiteLine[]
}
