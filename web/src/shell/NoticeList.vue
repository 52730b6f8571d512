<script setup lang="ts">
import { dismiss, notices, takeBack } from '@/parts/notices'
</script>

<template>
  <div class="notices" role="status" aria-live="polite">
    <div v-for="notice in notices" :key="notice.id" class="notice" :class="{ harm: notice.harm }">
      <span>{{ notice.words }}</span>
      <button v-if="notice.undo" type="button" class="plain" @click="takeBack(notice)">
        {{ $t('frame.noticeList.undo') }}
      </button>
      <button
        type="button"
        class="plain"
        :aria-label="$t('frame.noticeList.close', { words: notice.words })"
        @click="dismiss(notice.id)"
      >
        {{ $t('frame.noticeList.closeNotice') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.notices {
  position: fixed;
  left: 50%;
  bottom: 16px;
  transform: translateX(-50%);
  display: flex;
  flex-direction: column;
  gap: 6px;
  z-index: 2000;
  width: min(620px, calc(100vw - 24px));
}
.notice {
  display: flex;
  gap: 16px;
  align-items: baseline;
  background: var(--ink);
  color: var(--paper);
  padding: 10px 14px;
  border-left: 4px solid var(--marigold);
}
.notice span {
  flex: 1;
}
.notice .plain {
  color: inherit;
}
.notice.harm {
  border-left-color: var(--brick);
}
</style>
