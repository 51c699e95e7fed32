/** The crossed picture that stands for one not chosen yet, as an SVG of its natural size. */
export function placeholderPicture(width: number, height: number): string {
  const inner = `<rect width="${width}" height="${height}" fill="#e4e6e3"/><path d="M0 0L${width} ${height}M${width} 0L0 ${height}" stroke="#8b938f" fill="none"/>`
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${inner}</svg>`
}
