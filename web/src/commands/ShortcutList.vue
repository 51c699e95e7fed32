<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import { useCommands } from './commandStore'

const commands = useCommands()
const isOpen = ref(false)
commands.offer([
  { id: 'shortcuts', label: 'Show all keys', keys: ['?', 'Shift+?'], run: () => (isOpen.value = true) },
])

const withKeys = computed(() => commands.all.filter(({ keys }) => keys))
</script>

<template>
  <ElDialog v-model="isOpen" title="Keys" width="460">
    <table>
      <tbody>
        <tr v-for="command in withKeys" :key="command.id">
          <td>{{ command.label }}</td>
          <td class="keys">{{ command.keys?.join(' or ') }}</td>
        </tr>
      </tbody>
    </table>
  </ElDialog>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}
.keys {
  text-align: right;
  color: var(--soft);
}
</style>
