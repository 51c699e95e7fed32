import type { InjectionKey, Ref } from 'vue'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'

/** Whether pages are drawn as wireframes or as mockups, within the drafting view; as wireframes elsewhere. */
export const drawnAs: InjectionKey<Ref<ShownAs>> = Symbol('drawn as')
