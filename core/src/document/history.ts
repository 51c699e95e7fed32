import { rebaseInverse } from './rebase'
import type { ChangePart } from './types'

/** One step that can be undone: its label and what undoes it. */
export interface HistoryStep {
  label: string
  /** The changes that made the step; more than one when they merged. */
  changes: string[]
  inverse: ChangePart[]
  /** Steps with the same key that follow one another become one (typing, nudging). */
  mergeKey?: string
}

export interface History {
  undo: HistoryStep[]
  redo: HistoryStep[]
}

export const emptyHistory: History = { undo: [], redo: [] }

const LONGEST = 200

/** Adds a step made by the designer; what had been undone can no longer be redone. */
export function record(history: History, step: HistoryStep): History {
  const last = history.undo.at(-1)
  if (last?.mergeKey && last.mergeKey === step.mergeKey && history.redo.length === 0) {
    const merged = {
      ...step,
      changes: [...last.changes, ...step.changes],
      inverse: [...step.inverse, ...last.inverse],
    }
    return { undo: [...history.undo.slice(0, -1), merged], redo: [] }
  }
  return { undo: [...history.undo, step].slice(-LONGEST), redo: [] }
}

/** Takes the newest step off one side; its inverse, once applied, belongs on the other (see `returned`). */
export function take(history: History, side: 'undo' | 'redo'): { step?: HistoryStep; history: History } {
  const step = history[side].at(-1)
  return { step, history: step ? { ...history, [side]: history[side].slice(0, -1) } : history }
}

/** Puts what undoes an undone (or redone) step on the other side. */
export function returned(history: History, from: 'undo' | 'redo', step: HistoryStep): History {
  const to = from === 'undo' ? 'redo' : 'undo'
  return { ...history, [to]: [...history[to], { ...step, mergeKey: undefined }] }
}

/** The history after a change that is not one of its steps: text edits in it are carried past that change. */
export function carryPast(history: History, parts: ChangePart[]): History {
  const carry = (step: HistoryStep) => {
    const inverse = rebaseInverse(step.inverse, parts)
    return inverse === step.inverse ? step : { ...step, inverse }
  }
  return { undo: history.undo.map(carry), redo: history.redo.map(carry) }
}

/** The history with the server's own inverse in place of the one computed here, where they belong to one change. */
export function withLoggedInverse(history: History, change: string, inverse: ChangePart[]): History {
  const replace = (step: HistoryStep) =>
    step.changes.length === 1 && step.changes[0] === change ? { ...step, inverse } : step
  return { undo: history.undo.map(replace), redo: history.redo.map(replace) }
}
