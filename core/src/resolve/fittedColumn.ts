/**
 * The columns a child takes of so many tracks: its span is cut to them, and a start from which it would run past the last
 * says nothing any more, so that it follows the others.
 */
export function fittedColumn(
  { start, span }: { start?: number; span: number },
  tracks: number,
): { start?: number; span: number } {
  const own = Math.min(span, tracks)
  return start !== undefined && start + own - 1 <= tracks ? { start, span: own } : { span: own }
}
