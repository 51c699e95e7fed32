<template>
  <main class="nowhere">
    <h1>There is nothing at this address</h1>
    <p><RouterLink to="/">Go to your projects</RouterLink></p>
  </main>
</template>

<style scoped>
.nowhere {
  padding: 96px 64px;
}
a {
  color: var(--pine);
}
</style>
