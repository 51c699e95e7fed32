<script setup lang="ts">
import { computed } from 'vue'
import FilePick from '../../forms/FilePick.vue'
import { PICTURE_TYPES } from '../../pictures/pictureTypes'
import type { ControlEmits, ControlProps } from './control'

/** The file a picture shows. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const isChosen = computed(() => Boolean((props.state.value as { asset?: string } | undefined)?.asset))
</script>

<template>
  <FilePick
    v-if="state.block"
    :words="isChosen ? 'Choose another picture…' : 'Choose a picture…'"
    label="Picture file"
    :accept="PICTURE_TYPES"
    @files="emit('pictures', $event)"
  />
  <p v-else class="soft">Select one picture to choose what it shows.</p>
</template>
