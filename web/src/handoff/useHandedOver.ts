import { computed } from 'vue'
import { useVersions } from '../versions/versionStore'

/** What versions that were handed over are called, before the day. */
const HANDED_OVER = 'Handed over'

/** The state of the project that was handed over last, which is a kept version, and marking one. */
export function useHandedOver() {
  const versions = useVersions()
  const last = computed(() => versions.versions.find(({ name }) => name.startsWith(HANDED_OVER)))
  const mark = () => versions.keep({ name: HANDED_OVER })
  return { last, mark }
}
