<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { stages } from './stages'

const route = useRoute()
const stage = computed(() => stages.find(({ name }) => name === route.params.stage))
</script>

<template>
  <main v-if="stage?.promise" class="coming">
    <div class="sheet">
      <h1>{{ stage.label }} is not built yet</h1>
      <p>{{ stage.promise.now }}</p>
      <h2>What it will do</h2>
      <ul>
        <li v-for="line in stage.promise.will" :key="line">{{ line }}</li>
      </ul>
      <RouterLink :to="{ name: 'wireframe' }">Go on drawing in Wireframe</RouterLink>
    </div>
  </main>
</template>

<style scoped>
.coming {
  display: grid;
  place-items: start center;
  padding: 64px 24px;
}
.sheet {
  width: 520px;
  padding: 32px 40px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
h2 {
  margin-top: 20px;
}
p {
  margin-top: 8px;
}
ul {
  margin: 8px 0 20px;
  padding: 0;
  list-style: none;
}
li {
  padding: 6px 0;
  border-bottom: 1px dotted var(--edge);
}
a {
  color: var(--pine);
  font-weight: 600;
}
</style>
