<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { ControlEmits, ControlProps } from './control'

/** The file a picture shows. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const file = ref<HTMLInputElement>()
const isChosen = computed(() => Boolean((props.state.value as { asset?: string } | undefined)?.asset))

function choose(event: Event) {
  const input = event.target as HTMLInputElement
  emit('pictures', [...(input.files ?? [])])
  input.value = ''
}
</script>

<template>
  <div v-if="state.block">
    <ElButton @click="file?.click()">{{
      isChosen ? 'Choose another picture…' : 'Choose a picture…'
    }}</ElButton>
    <!-- Only the browser's own field opens its file chooser; the button stands for it. -->
    <input
      ref="file"
      class="visually-hidden"
      type="file"
      accept="image/png,image/jpeg,image/webp,image/svg+xml"
      aria-label="Picture file"
      @change="choose"
    />
  </div>
  <p v-else class="soft">Select one picture to choose what it shows.</p>
</template>
