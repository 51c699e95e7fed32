/** What was asked for cannot be done as it was asked: said on standard error, with status 2. */
export class Misuse extends Error {}
