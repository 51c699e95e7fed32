import { applyChange } from '@nolvex/core/document/apply'
import type { Change, Documents, LoggedChange, Operation } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { Random } from '../conformance/random'
import type { Site } from '../site'

/** The project the windows work on. */
const PROJECT = 'emptyproject0000'

/** One window's work on a project, without its interface: random changes, and following the log. */
export class RandomWindow {
  documents: Documents = {}
  acknowledged = new Set<string>()
  log: string[] = []
  private revision = 0
  private random: Random
  private count = 0

  constructor(
    private site: Site,
    private number: number,
  ) {
    this.random = new Random(number)
  }

  /** One random change, made on what this window last saw, and sent until it is answered. */
  async make() {
    const parts = [{ document: 'site', kind: 'site', operations: [this.operation()] }]
    const id = `w${this.number}${String(this.count++).padStart(14, '0')}`
    const change: Change = {
      id,
      client: `client${this.number}000000000`,
      base: this.revision,
      label: 'soak',
      parts,
    }
    await this.ask(`/api/projects/${PROJECT}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(change),
    })
    this.acknowledged.add(id)
  }

  /** Takes what the log has since. */
  async follow() {
    if (this.revision === 0) {
      const first = await this.ask<{ changes: LoggedChange[] }>(`/api/projects/${PROJECT}/changes?since=1`)
      this.revision = 1
      return this.take(first.changes)
    }
    const { changes } = await this.ask<{ changes: LoggedChange[] }>(
      `/api/projects/${PROJECT}/changes?since=${this.revision}`,
    )
    this.take(changes)
  }

  private take(changes: LoggedChange[]) {
    for (const { id, revision, parts, outcomes } of changes) {
      const isRefused = outcomes.some(({ result }) => result === 'refused')
      if (!isRefused) this.documents = applyChange(documentKinds, this.documents, parts).documents
      this.revision = revision
      this.log.push(id)
    }
  }

  private operation(): Operation {
    const id = `p${String(this.random.int(0, 60)).padStart(15, '0')}`
    const parent = `p${String(this.random.int(0, 60)).padStart(15, '0')}`
    const collection = 'pages'
    const kinds: Operation[] = [
      { type: 'put', collection, id, record: { id, order: `a${this.random.int(0, 9)}`, title: 'x' } },
      { type: 'set', collection, id, path: ['title'], value: `title ${this.count}` },
      { type: 'set', collection, id, path: ['parent'], value: parent },
      { type: 'remove', collection, id },
    ]
    return this.random.pick(kinds)
  }

  private async ask<T>(path: string, init?: RequestInit): Promise<T> {
    for (;;) {
      const response = await fetch(this.site.address + path, init).catch(() => undefined)
      if (response?.ok) return (await response.json()) as T
      if (response && response.status < 500) throw new Error(await response.text())
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
  }
}
