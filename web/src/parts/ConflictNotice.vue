<script setup lang="ts">
/** Says that something was changed elsewhere, and asks which is to stand. */
const emit = defineEmits<{ mine: []; theirs: [] }>()
</script>

<template>
  <div class="say attention" role="alert">
    <p>{{ $t('parts.conflict.changedElsewhere') }}</p>
    <p>
      <button type="button" class="plain" @click="emit('mine')">{{ $t('parts.conflict.keepMine') }}</button>
      <button type="button" class="plain" @click="emit('theirs')">
        {{ $t('parts.conflict.takeTheirs') }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.plain {
  margin-right: 16px;
}
</style>
