/** The next choice, after the one that stands and around, whose words begin with a letter. */
export function startingWith(
  choices: readonly { value: string; label: string }[],
  current: string | undefined,
  letter: string,
): string | undefined {
  const at = choices.findIndex(({ value }) => value === current)
  const around = [...choices.slice(at + 1), ...choices.slice(0, at + 1)]
  return around.find(({ label }) => label.trimStart().toLowerCase().startsWith(letter.toLowerCase()))?.value
}
