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

export interface ExportJob {
  id: string
  state: 'waiting' | 'running' | 'done' | 'failed' | 'cancelled'
  error?: string
}

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

export const api = {
  projects: () => ask<{ projects: ProjectSummary[] }>('/projects'),
  createProject: (name: string) => ask<ProjectSummary>('/projects', json('POST', { name })),
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
  commit: (id: string, change: Change) => ask<LoggedChange>(`/projects/${id}/changes`, json('POST', change)),
  addPicture: (id: string, file: File) =>
    ask<Asset>(`/projects/${id}/assets?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
    }),
  startExport: (id: string, input: object) => ask<ExportJob>(`/projects/${id}/exports`, json('POST', input)),
  exportJob: (id: string, job: string) => ask<ExportJob>(`/projects/${id}/exports/${job}`),
  cancelExport: (id: string, job: string) =>
    ask<ExportJob>(`/projects/${id}/exports/${job}`, { method: 'DELETE' }),
}

/** Where the browser gets a picture from. */
export const assetAddress = (project: string, asset: string) => `/api/projects/${project}/assets/${asset}`
