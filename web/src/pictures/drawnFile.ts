const QUALITY = 0.9

/**
 * An SVG drawn as pixels, as a file to be kept: quicker to show than what it was drawn from.
 * @throws Error where the browser cannot draw it
 */
export async function drawnFile(
  svg: string,
  { width, height }: { width: number; height: number },
  name: string,
): Promise<File> {
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const picture = new Image(width, height)
    picture.src = address
    await picture.decode()
    const canvas = document.createElement('canvas')
    Object.assign(canvas, { width, height })
    canvas.getContext('2d')?.drawImage(picture, 0, 0, width, height)
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY))
    if (!blob) throw new Error('The picture could not be drawn. Choose another one.')
    return new File([blob], `${name}.jpg`, { type: 'image/jpeg' })
  } finally {
    URL.revokeObjectURL(address)
  }
}
