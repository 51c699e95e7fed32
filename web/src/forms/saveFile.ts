import { cutText } from '@nolvex/core/text/cutText'

/** Hands a text to the browser as a file to keep. Signs a file name cannot have become hyphens. */
export function saveFile(name: string, text: string, type: string) {
  const address = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = address
  link.download = cutText(name.replace(/[^\p{L}\p{N} ._-]+/gu, '-'), 120)
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}
