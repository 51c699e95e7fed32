<script setup lang="ts">
import { ElButton, ElInput, type InputInstance } from 'element-plus'
import { computed, ref } from 'vue'
import { shelfItems, type ShelfItem } from '@nolvex/core/block/shelf'

const emit = defineEmits<{ put: [item: ShelfItem] }>()
const typed = ref('')
const field = ref<InputInstance>()

const found = computed(() => {
  const word = typed.value.trim().toLowerCase()
  return shelfItems.filter(({ label, also }) => `${label} ${also}`.toLowerCase().includes(word))
})

function put(item: ShelfItem | undefined) {
  if (!item) return
  emit('put', item)
  typed.value = ''
}

defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <div class="shelf">
    <ElInput
      ref="field"
      v-model="typed"
      placeholder="Type to find a block"
      aria-label="Find something to put on the page"
      @keydown.enter="put(found[0])"
      @keydown.esc="field?.blur()"
    />
    <div class="items">
      <ElButton
        v-for="item in found"
        :key="item.id"
        :data-shelf="item.id"
        :title="`Put a ${item.label.toLowerCase()} into what is selected, or after it`"
        @click="put(item)"
      >
        {{ item.label }}
      </ElButton>
    </div>
    <p v-if="found.length === 0" class="soft">Nothing on the shelf is called that.</p>
  </div>
</template>

<style scoped>
.shelf {
  flex: none;
  padding: 12px;
  border-top: 1px solid var(--hairline);
}
.items {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 8px;
}
.items .el-button {
  height: 26px;
  padding: 0 8px;
  font-weight: 400;
}
</style>
