import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Finding } from '@nolvex/core/review/finding'
import { useFindingPlace } from './useFindingPlace'
import { useReview } from './useReview'

const isSame = (one: Finding, other: Finding) => one.rule === other.rule && one.says === other.says

/** The finding one is looking at on its page, among those one goes through from there. */
export const useFindingWalk = defineStore('finding walk', () => {
  const { findings } = useReview()
  const goTo = useFindingPlace()
  const list = shallowRef<Finding[]>([])
  const chosen = shallowRef<Finding>()

  /** As it is found now: its fix goes by the drawing as it stands. Nothing where it is found no longer. */
  const current = computed(() => {
    const { value: one } = chosen
    return one && findings.value.find((other) => isSame(one, other))
  })
  /** what is left of the list, with the current one's place in it */
  const left = computed(() => list.value.filter((one) => findings.value.some((other) => isSame(one, other))))
  const index = computed(() => left.value.findIndex((one) => chosen.value && isSame(one, chosen.value)))

  /** Shows a finding where it is; others are gone through from there. */
  function show(finding: Finding, among: Finding[]) {
    list.value = among
    chosen.value = finding
    goTo(finding)
  }
  function step(by: number) {
    const all = left.value
    if (all.length === 0) return
    // Where the current one was mended, what stood after it is next.
    const at = index.value < 0 ? nextAfterGone() : (index.value + by + all.length) % all.length
    show(all[at], list.value)
  }
  function nextAfterGone(): number {
    const from = list.value.findIndex((one) => chosen.value && isSame(one, chosen.value))
    const next = left.value.findIndex((one) => list.value.indexOf(one) > from)
    return Math.max(0, next)
  }
  const leave = () => (chosen.value = undefined)

  return { chosen, current, left, index, show, step, leave }
})
