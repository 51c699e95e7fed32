/** A page by itself, twice beside itself in two finishes, or in both on either side of a line across it. */
export type Comparison = 'alone' | 'beside' | 'divided'
