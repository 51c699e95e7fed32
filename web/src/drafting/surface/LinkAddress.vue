<script setup lang="ts">
import { ElInput, type InputInstance } from 'element-plus'
import { onMounted, ref } from 'vue'
import { isSafeLink } from '@nolvex/core/text/safeAddress'
import TroubleNote from '../../forms/TroubleNote.vue'

/** Asks where marked words lead: Enter keeps it, with nothing typed they lead nowhere; Escape leaves it as it was. */
const props = defineProps<{ address: string }>()
const emit = defineEmits<{ keep: [address: string]; leave: [] }>()
const typed = ref(props.address)
const trouble = ref('')
const field = ref<InputInstance>()
onMounted(() => field.value?.select())

function keep() {
  const address = typed.value.trim()
  if (address && !isSafeLink(address))
    trouble.value = `“${address}” is no address: write https://…, mailto:…, tel:…, or a path such as /help.`
  else emit('keep', address)
}
</script>

<template>
  <div class="address">
    <ElInput
      ref="field"
      v-model="typed"
      aria-label="Where the words lead"
      placeholder="https://…, mailto:…, tel:… or /help"
      @keydown.enter.prevent="keep"
      @keydown.esc.stop="emit('leave')"
    />
    <TroubleNote :says="trouble" />
  </div>
</template>

<style scoped>
.address {
  width: 280px;
}
</style>
