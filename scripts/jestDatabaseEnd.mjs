/** Ends the database the unit tests had. */
export default () => globalThis.endTestDatabase?.()
