/** An error a person can act on, with its HTTP status. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}
