import { z } from 'zod'
import { idSchema } from '@nolvex/core/document/ids'
import { presenceSchema, whereaboutsSchema, type Presence, type Where } from '@nolvex/core/document/presence'

/** Notifications of where tabs are go by a channel of their own: they are of no matter once they are heard. */
export const PRESENCE_CHANNEL = 'nolvex_presence'
/** So often, at most, a tab is heard in a second. */
const MOST_A_SECOND = 20

const noticeSchema = z.strictObject({ project: idSchema, presence: presenceSchema })
export type PresenceNotice = z.infer<typeof noticeSchema>

/** What a tab said, or nothing where that is anything else than where it is. */
export function readWhereabouts(data: string): { where: Where | null } | undefined {
  try {
    return whereaboutsSchema.parse(JSON.parse(data))
  } catch {
    return undefined
  }
}

export const writeNotice = (project: string, presence: Presence): string =>
  JSON.stringify({ project, presence })

/** A notification of where a tab is, from this server process or another one. */
export function readNotice(payload: string): PresenceNotice | undefined {
  try {
    return noticeSchema.parse(JSON.parse(payload))
  } catch {
    return undefined
  }
}

/** Counts what a tab says: one that talks without end is not passed on. */
export class Pace {
  private second = 0
  private count = 0

  isTooFast(now: number): boolean {
    const second = Math.floor(now / 1000)
    if (second !== this.second) {
      this.second = second
      this.count = 0
    }
    return ++this.count > MOST_A_SECOND
  }
}
