<script setup lang="ts">
const keys: [string, string][] = [
  ['g then t b m p s k', 'go to Today, Blends, Batches, Pots, Shelf, Book'],
  ['↑ ↓', 'on a blend: choose a row'],
  ['+ −', 'one part more, one part less'],
  ['1 … 9, 0', 'set the parts'],
  ['a', 'add a material'],
  ['Del', 'remove the row'],
  ['f', 'find mixes; there 1 to 6 take one over'],
  ['l', 'lock the row while searching'],
  ['u, U', 'undo, redo'],
  ['v', 'keep this version'],
  ['Enter', 'mix a batch'],
  ['a, c', 'on the shelf: put something there, count up'],
  ['?', 'this list'],
]
</script>

<template>
  <dl>
    <template v-for="[key, does] in keys" :key="key">
      <dt>
        <kbd>{{ key }}</kbd>
      </dt>
      <dd>{{ does }}</dd>
    </template>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 11em 1fr;
  gap: 8px 16px;
  margin: 0;
}
dd {
  margin: 0;
}
kbd {
  font: 13px var(--figures);
  border-bottom: 1px solid var(--stitch);
}
</style>
