import { createHash, randomBytes } from 'node:crypto'
import sharp from 'sharp'
import type { Site } from '../site'

const PROJECT = 'skerrinferries00'
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

interface Job {
  id: string
  state: string
  error?: string
}

/** Uploads and exports that go on while everything under them is killed; what was acknowledged is kept account of. */
export class BusyProject {
  /** SHA-256 of what was sent, by the id it was acknowledged under */
  private uploads = new Map<string, string>()
  private jobs: string[] = []
  private refused: string[] = []

  constructor(private site: Site) {}

  /** Sends a file of a size of its own; an answer that never comes acknowledges nothing. */
  async upload(): Promise<void> {
    const bytes = randomBytes(1 + Math.floor(Math.random() * 6_000_000))
    const address = `${this.site.address}/api/projects/${PROJECT}/assets?as=file&name=soak.bin`
    const answer = await fetch(address, { method: 'POST', body: bytes }).catch(() => undefined)
    if (answer?.status !== 201) return
    const { id } = (await answer.json()) as { id: string }
    this.uploads.set(id, createHash('sha256').update(bytes).digest('hex'))
  }

  /** The same picture again and again, which is stored once. */
  async uploadSame(): Promise<void> {
    const picture = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#3e5c76' } })
      .png({ compressionLevel: 0 })
      .toBuffer()
    const address = `${this.site.address}/api/projects/${PROJECT}/assets?name=same.png`
    const body = picture as unknown as BodyInit
    const answer = await fetch(address, { method: 'POST', body }).catch(() => undefined)
    if (answer?.status !== 201) return
    const { id } = (await answer.json()) as { id: string }
    this.uploads.set(id, createHash('sha256').update(picture).digest('hex'))
  }

  async export(): Promise<void> {
    const body = JSON.stringify({ format: 'map', file: 'png', paper: 'A3', date: '2026-05-31' })
    const headers = { 'content-type': 'application/json' }
    const address = `${this.site.address}/api/projects/${PROJECT}/exports`
    const answer = await fetch(address, { method: 'POST', headers, body }).catch(() => undefined)
    if (answer?.status === 202) this.jobs.push(((await answer.json()) as Job).id)
    else if (answer?.status === 422) this.refused.push(await answer.text())
  }

  /** What is wrong of all that was acknowledged, once everything has come to its end. */
  async troubles(): Promise<string[]> {
    const troubles = [...this.refused]
    for (const [id, sha256] of this.uploads) {
      const answer = await fetch(`${this.site.address}/api/projects/${PROJECT}/assets/${id}`)
      const bytes = Buffer.from(await answer.arrayBuffer())
      if (createHash('sha256').update(bytes).digest('hex') !== sha256)
        troubles.push(`the file ${id} is not whole`)
    }
    for (const id of this.jobs) {
      const { state, error } = await this.ended(id)
      if (state !== 'done') troubles.push(`the export ${id} is ${state}: ${error}`)
    }
    return troubles
  }

  get counts(): string {
    return `${this.uploads.size} files and ${this.jobs.length} exports acknowledged`
  }

  private async ended(id: string): Promise<Job> {
    for (let tries = 0; tries < 600; tries++) {
      const job = await this.site.ask<Job>(`/api/projects/${PROJECT}/exports/${id}`)
      if (job.state !== 'waiting' && job.state !== 'running') return job
      await pause(200)
    }
    return { id, state: 'not ended' }
  }
}
