<script setup lang="ts">
import { ElAlert } from 'element-plus'

/** What went wrong and what to do about it. It stands until its cause is gone, or until it is closed where it can be. */
defineProps<{ says?: string; closable?: boolean }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <ElAlert
    v-if="says"
    class="trouble-note"
    type="error"
    :title="says"
    :closable="closable === true"
    close-text="Understood"
    @close="emit('close')"
  />
</template>
