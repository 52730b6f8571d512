<script setup lang="ts">
import { t } from '@/words'

const keys: [string, string][] = [
  [t('frame.keyHelp.goKeys'), t('frame.keyHelp.goToTodayBlendsBatches')],
  ['↑ ↓', t('frame.keyHelp.chooseRow')],
  ['+ −', t('frame.keyHelp.onePartMoreOnePart')],
  ['1 … 9, 0', t('frame.keyHelp.setTheParts')],
  ['⇧ ↑ ↓', t('frame.keyHelp.moveTheRow')],
  ['m', t('frame.keyHelp.moreForTheRow')],
  ['a', t('frame.keyHelp.addAMaterial')],
  ['p', t('frame.keyHelp.pasteARecipe')],
  ['r', t('frame.keyHelp.takeTheRemedy')],
  ['c', t('frame.keyHelp.countAsYouGo')],
  ['Del', t('frame.keyHelp.removeTheRow')],
  ['f', t('frame.keyHelp.findMixes')],
  ['l', t('frame.keyHelp.lockTheRowWhileSearching')],
  ['u, U', t('frame.keyHelp.undoRedo')],
  ['v', t('frame.keyHelp.keepThisVersion')],
  ['Enter', t('frame.keyHelp.mixABatch')],
  ['a, c', t('frame.keyHelp.onTheShelfPutSomething')],
  ['/, Ctrl+K', t('frame.keyHelp.findAnything')],
  ['?', t('frame.keyHelp.thisList')],
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
