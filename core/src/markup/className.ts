/** A block's name as a CSS class: ASCII letters, digits and hyphens, a letter first. */
export function classFromName(name: string): string {
  return name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-$/g, '')
    .slice(0, 60)
}
