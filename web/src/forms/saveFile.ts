import { cutText } from '@nolvex/core/text/cutText'

/** Hands a text or bytes to the browser as a file to keep. Signs a file name cannot have become hyphens. */
export function saveFile(name: string, content: string | Uint8Array, type: string) {
  const address = URL.createObjectURL(new Blob([content as BlobPart], { type }))
  const link = document.createElement('a')
  link.href = address
  link.download = cutText(name.replace(/[^\p{L}\p{N} ._-]+/gu, '-'), 120)
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}
