import { isSafeLink } from '@nolvex/core/text/safeAddress'

const MAIL = /^[^\s@/:]+@[^\s@/:.]+(?:\.[^\s@/:.]+)+$/
const TELEPHONE = /^\+?[\d\s().-]{5,}$/
const HOST = /^(?:[\w-]+\.)+[a-z]{2,}(?:\/\S*)?$/i

/** What is typed as the address of a link: e-mail addresses, telephone numbers and bare hosts get their scheme. */
export function addressTyped(typed: string): string | undefined {
  const address = typed.trim()
  if (MAIL.test(address)) return `mailto:${address}`
  if (TELEPHONE.test(address)) return `tel:${address.replace(/[^\d+]/g, '')}`
  if (HOST.test(address)) return `https://${address}`
  return isSafeLink(address) ? address : undefined
}
