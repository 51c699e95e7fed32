import { adjust, adjustSteps, type Adjust } from './adjust'

const AS_IT_IS: Adjust = { light: 1, contrast: 1, saturation: 1, warmth: 0, grey: 0, blur: 0 }

/** A pixel of 0 to 1 after all steps, each cut to what a channel holds. */
function through(pixel: number[], changed: Partial<Adjust>): number[] {
  return adjustSteps({ ...AS_IT_IS, ...changed }).reduce((shown, step) => {
    if (step.type !== 'matrix') return shown
    return [0, 1, 2].map((row) => {
      const [r, g, b, , more] = step.values.slice(row * 5, row * 5 + 5)
      return Math.min(1, Math.max(0, r * shown[0] + g * shown[1] + b * shown[2] + more))
    })
  }, pixel)
}

const RED = [1, 0, 0]
const SEA = [0.2, 0.4, 0.6]

// Filter Effects 1, section 8.2: what each function does at its ends.
test.each([
  ['brightness(0) is black', SEA, { light: 0 }, [0, 0, 0]],
  ['brightness(2) is twice as light', SEA, { light: 2 }, [0.4, 0.8, 1]],
  ['contrast(0) is one grey', SEA, { contrast: 0 }, [0.5, 0.5, 0.5]],
  ['contrast(2) goes apart from the middle', SEA, { contrast: 2 }, [0, 0.3, 0.7]],
  ['saturate(0) has its luminance alone', RED, { saturation: 0 }, [0.213, 0.213, 0.213]],
  ['grayscale(1) likewise', RED, { grey: 1 }, [0.2126, 0.2126, 0.2126]],
  ['sepia(1) of white', [1, 1, 1], { warmth: 1 }, [1, 1, 0.937]],
  ['grayscale(0.5) is half way', RED, { grey: 0.5 }, [0.6063, 0.1063, 0.1063]],
] as [string, number[], Partial<Adjust>, number[]][])('%s', (_what, pixel, changed, wanted) => {
  through(pixel, changed).forEach((channel, index) => expect(channel).toBeCloseTo(wanted[index], 3))
})

test('a picture as it is has no filter, in paint and in CSS; what is given back leaves none', () => {
  expect(adjust.resolve({ light: 1, blur: 0.4 }, undefined as never, '')).toBeUndefined()
  expect(adjust.css(undefined)).toEqual([['--adjust', 'none']])
  const shown = adjust.resolve({ light: 1.2, warmth: 0.3, blur: 4 }, undefined as never, '')
  expect(adjust.css(shown)).toEqual([['--adjust', 'brightness(1.2) sepia(0.3) blur(4px)']])
  expect(adjustSteps(shown as Adjust)).toHaveLength(3)
})
