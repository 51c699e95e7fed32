/** Stands in for Node's `module`, which the shaper mentions and never uses in a browser. */
export const createRequire = undefined
