import type { ProjectOverview } from '@nolvex/core/review/overview'
import type { Change, Documents, LoggedChange } from '@nolvex/core/document/types'

/** A request the server refused, with its own words. `status` 0: it did not answer. */
export class RequestError extends Error {
  constructor(
    message: string,
    readonly status: number,
  ) {
    super(message)
  }
}

export interface ProjectSummary {
  id: string
  name: string
  revision: number
  createdAt: string
  updatedAt: string
}

export interface Asset {
  id: string
  name: string
  type: string
  width: number
  height: number
}

/** What became of a font file: its family, and a file of each of its weights. */
export interface TakenFont {
  family: string
  licence?: string
  files: { asset: string; weight: number; italic: boolean }[]
}

/** An asset as it is listed, with the bytes it takes. */
export interface ListedAsset extends Asset {
  bytes: number
}

export interface ExportJob {
  id: string
  state: 'waiting' | 'running' | 'done' | 'failed' | 'cancelled'
  /** 0 to 1 */
  progress: number
  error?: string
}

/** Status of an answer that is none of ours. */
const UNFORESEEN = 520

async function ask<T>(path: string, init: RequestInit = {}): Promise<T> {
  let response: Response
  try {
    response = await fetch(`/api${path}`, init)
  } catch {
    throw new RequestError('The server does not answer.', 0)
  }
  if (response.status === 204) return undefined as T
  const body = (await response.json().catch(() => ({}))) as { error?: string }
  if (!response.ok)
    throw new RequestError(body.error ?? `The server answered ${response.status}.`, response.status)
  return body as T
}

const json = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
})

/** A kept state of a project; with a stage it is that stage's gate. */
export interface Version {
  id: string
  revision: number
  name: string
  note?: string
  stage?: string
  approvals: { name: string; at: string; verified: boolean }[]
  createdAt: string
}

export interface NewVersion {
  name: string
  note?: string
  gate?: { stage: string; by: string[] }
}

export const api = {
  projects: () => ask<{ projects: ProjectSummary[] }>('/projects'),
  createProject: (name: string, profile?: string[]) =>
    ask<ProjectSummary>('/projects', json('POST', { name, profile })),
  copyProject: (id: string) => ask<ProjectSummary>(`/projects/${id}/copies`, { method: 'POST' }),
  overview: (id: string) => ask<ProjectOverview>(`/projects/${id}/overview`),
  renameProject: (id: string, name: string) =>
    ask<ProjectSummary>(`/projects/${id}`, json('PATCH', { name })),
  deleteProject: (id: string) => ask<void>(`/projects/${id}`, { method: 'DELETE' }),
  openProjectFile: (file: Blob) =>
    ask<ProjectSummary>('/projects/open', {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: file,
    }),
  documents: (id: string) =>
    ask<{ id: string; name: string; revision: number; documents: Documents }>(`/projects/${id}/documents`),
  changesSince: (id: string, since: number) =>
    ask<{ changes: LoggedChange[] }>(`/projects/${id}/changes?since=${since}`),
  commit: async (id: string, change: Change) => {
    const logged = await ask<LoggedChange>(`/projects/${id}/changes`, json('POST', change))
    // What stands between us and the server may answer in its place.
    if (
      !Number.isInteger(logged?.revision) ||
      !Array.isArray(logged.parts) ||
      !Array.isArray(logged.outcomes)
    )
      throw new RequestError('The server answered with something else than the change.', UNFORESEEN)
    return logged
  },
  addPicture: (id: string, file: File) =>
    ask<Asset & { convertedFrom?: string }>(`/projects/${id}/assets?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
    }),
  addFont: (id: string, file: File) =>
    ask<TakenFont>(`/projects/${id}/fonts?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
    }),
  assets: (id: string) => ask<{ assets: ListedAsset[] }>(`/projects/${id}/assets`),
  deleteAsset: (id: string, asset: string) =>
    ask<void>(`/projects/${id}/assets/${asset}`, { method: 'DELETE' }),
  versions: (id: string) => ask<{ versions: Version[] }>(`/projects/${id}/versions`),
  keepVersion: (id: string, version: NewVersion) =>
    ask<Version>(`/projects/${id}/versions`, json('POST', version)),
  approve: (id: string, version: string, by: string) =>
    ask<Version>(`/projects/${id}/versions/${version}/approvals`, json('POST', { by })),
  forgetVersion: (id: string, version: string) =>
    ask<void>(`/projects/${id}/versions/${version}`, { method: 'DELETE' }),
  versionDocuments: (id: string, version: string) =>
    ask<Version & { documents: Documents }>(`/projects/${id}/versions/${version}/documents`),
  addFile: (id: string, file: File) =>
    ask<Asset>(`/projects/${id}/assets?as=file&name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
    }),
  serviceList: async (name: string) => {
    const { records } = await ask<{ records: Record<string, string | number | boolean>[] }>(
      `/service/${name}`,
    )
    return records
  },
  viewportCounts: async (days: number) => {
    const { sizes } = await ask<{ sizes: { width: number; height: number; visits: number }[] }>(
      `/analytics/viewports?days=${days}`,
    )
    return sizes
  },
  startExport: (id: string, input: object) => ask<ExportJob>(`/projects/${id}/exports`, json('POST', input)),
  exportJob: (id: string, job: string) => ask<ExportJob>(`/projects/${id}/exports/${job}`),
  cancelExport: (id: string, job: string) =>
    ask<ExportJob>(`/projects/${id}/exports/${job}`, { method: 'DELETE' }),
}

/** Where the browser gets a picture from. */
export const assetAddress = (project: string, asset: string) => `/api/projects/${project}/assets/${asset}`

/** px pictures are wide at most on screen, as the server scales them, for a screen's density */
const MOST_WIDE = { usual: 1920, dense: 3840 }

/** Where the browser gets a picture from that is only looked at: larger ones come scaled. */
export function pictureAddress(
  project: string,
  { asset, width }: { asset?: string; width: number },
): string | undefined {
  if (!asset) return undefined
  const most = globalThis.devicePixelRatio > 1 ? MOST_WIDE.dense : MOST_WIDE.usual
  return width > most ? `${assetAddress(project, asset)}?most=${most}` : assetAddress(project, asset)
}
