<script setup lang="ts">
import { ElUpload, type UploadFile, type UploadInstance } from 'element-plus'
import { onMounted, ref } from 'vue'

/** A button that asks for files, one or several, and hands them over; nothing is sent from here. */
const props = defineProps<{
  words: string
  accept: string
  several?: boolean
  /** a whole folder is chosen */
  folder?: boolean
  /** for those who cannot see where it stands */
  label?: string
  disabled?: boolean
}>()
const emit = defineEmits<{ files: [files: File[]] }>()
const upload = ref<UploadInstance>()
const field = ref<HTMLElement>()
let chosen: File[] = []

/** The library tells of one file at a time; those of one choice are handed over together. */
function taken({ raw }: UploadFile) {
  if (!raw) return
  if (chosen.push(raw) > 1) return
  queueMicrotask(() => {
    emit('files', chosen)
    chosen = []
    upload.value?.clearFiles()
  })
}

// Its field inside has no name of its own.
onMounted(() => field.value?.querySelector('input')?.setAttribute('aria-label', props.label ?? props.words))
</script>

<template>
  <span ref="field" class="file-pick">
    <ElUpload
      ref="upload"
      :auto-upload="false"
      :show-file-list="false"
      :accept="accept"
      :multiple="several"
      :directory="folder"
      :disabled="disabled"
      :on-change="taken"
      >{{ words }}</ElUpload
    >
  </span>
</template>

<style scoped>
.file-pick {
  display: inline-block;
}
</style>
