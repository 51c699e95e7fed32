/** A font that ships with the application. `file` is its name under a package's own folder for that face. */
export interface ShippedFont {
  family: string
  weight: number
  italic: boolean
  /** Inter has rules across spaces and for digits beside an x; the others set text by pairs, which is tested. */
  setsByPairs: boolean
  package: string
  file: string
}

const font = (family: string, folder: string, weight: number, italic = false): ShippedFont => ({
  family,
  weight,
  italic,
  setsByPairs: family !== 'Inter',
  package: `@expo-google-fonts/${family.toLowerCase().replaceAll(' ', '-')}`,
  file: `${folder}/${family.replaceAll(' ', '')}_${folder}.ttf`,
})

/** The fonts projects may be set in. A new one is a line here and its package in the server's dependencies. */
export const fontCatalogue: ShippedFont[] = [
  font('Public Sans', '400Regular', 400),
  font('Public Sans', '400Regular_Italic', 400, true),
  font('Public Sans', '600SemiBold', 600),
  font('Public Sans', '700Bold', 700),
  font('Public Sans', '700Bold_Italic', 700, true),
  font('Lora', '400Regular', 400),
  font('Lora', '400Regular_Italic', 400, true),
  font('Lora', '700Bold', 700),
  font('Inter', '400Regular', 400),
  font('Inter', '700Bold', 700),
  font('Source Sans 3', '400Regular', 400),
  font('Source Sans 3', '400Regular_Italic', 400, true),
  font('Source Sans 3', '600SemiBold', 600),
  font('Source Sans 3', '700Bold', 700),
  font('IBM Plex Sans', '400Regular', 400),
  font('IBM Plex Sans', '400Regular_Italic', 400, true),
  font('IBM Plex Sans', '600SemiBold', 600),
  font('IBM Plex Sans', '700Bold', 700),
  font('Roboto Slab', '400Regular', 400),
  font('Roboto Slab', '700Bold', 700),
  font('Playfair Display', '400Regular', 400),
  font('Playfair Display', '400Regular_Italic', 400, true),
  font('Playfair Display', '700Bold', 700),
  font('Roboto Mono', '400Regular', 400),
  font('Roboto Mono', '700Bold', 700),
  font('Architects Daughter', '400Regular', 400),
]

const families = new Set(fontCatalogue.map(({ family }) => family))

/** Whether a family is one of those that ship with the application. */
export const isShippedFamily = (family: string): boolean => families.has(family)

/** The family a page is set in where no type level says otherwise; em, ex and ch of boxes are measured by it. */
export const PAGE_FAMILY = 'Public Sans'

/** The hand sketches are lettered in. */
export const LETTERING = 'Architects Daughter'

/** The family that steps in where another lacks a character, such as an arrow. */
export const LAST_RESORT = 'Inter'

/** Families that are always needed: pages have measures of the first, sketches the second, and either may lack a sign. */
export const BASE_FAMILIES = [PAGE_FAMILY, LETTERING, LAST_RESORT]

/** A font's name in addresses: `PublicSans_400Regular.ttf`. */
export const fontFileName = ({ file }: ShippedFont): string => file.slice(file.indexOf('/') + 1)
