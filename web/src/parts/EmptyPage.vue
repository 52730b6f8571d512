<script setup lang="ts">
/** A page with nothing on it yet: a drawing of what will be here, what it is for, and one thing to do. */
defineProps<{ what: 'blend' | 'shelf' | 'batch' | 'pot'; title: string }>()
/** A stitch like those of a swatch, at a place. */
const stitch = (x: number, y: number) =>
  `M${x} ${y} q5 1 8 9 q-7 0 -8 -9 Z M${x + 16} ${y} q-5 1 -8 9 q7 0 8 -9 Z`
const rows = (columns: number, count: number, x: number, y: number) =>
  Array.from({ length: columns * count }, (_, i) => ({
    row: Math.floor(i / columns),
    path: stitch(x + 17 * (i % columns), y + 11 * Math.floor(i / columns)),
  }))
</script>

<template>
  <div class="empty-page">
    <svg viewBox="0 0 220 130" aria-hidden="true">
      <template v-if="what === 'blend'">
        <path
          v-for="each in rows(9, 8, 32, 20)"
          :key="each.path"
          :d="each.path"
          :class="each.row > 4 ? `dye${each.row % 3}` : 'open'"
        />
        <path d="M150 64 C180 40 196 60 206 30" class="yarn" />
      </template>
      <template v-else-if="what === 'pot'">
        <path d="M58 24 H162 L148 118 H72 Z" class="wall" />
        <path
          v-for="each in rows(4, 6, 76, 48)"
          :key="each.path"
          :d="each.path"
          :class="each.row > 2 ? `dye${each.row % 3}` : 'open'"
        />
        <path
          d="M110 44 C108 30 112 20 110 6 M110 26 q-14 -2 -16 -14 q14 0 16 14 M110 18 q12 -4 13 -14 q-12 2 -13 14"
          class="yarn"
        />
      </template>
      <template v-else-if="what === 'shelf'">
        <path d="M20 62 H200 M20 118 H200" class="wall" />
        <path d="M40 62 v-34 q14 -8 28 0 v34 M84 62 v-24 h34 v24 M138 62 v-40 q16 -8 32 0 v40" class="open" />
        <path d="M36 118 v-30 h38 v30 M96 118 v-38 q16 -8 32 0 v38 M148 118 v-22 h36 v22" class="open" />
        <path v-for="each in rows(2, 2, 138, 38)" :key="each.path" :d="each.path" class="dye1" />
      </template>
      <template v-else>
        <path d="M34 52 H186 Q182 118 110 118 Q38 118 34 52 Z" class="wall" />
        <path
          v-for="each in rows(6, 4, 60, 64)"
          :key="each.path"
          :d="each.path"
          :class="each.row > 1 ? `dye${each.row % 3}` : 'open'"
        />
        <path d="M150 46 l26 -36 M140 40 q14 20 26 6 l-18 -14 Z" class="yarn" />
      </template>
    </svg>
    <div class="say-it">
      <h2>{{ title }}</h2>
      <p><slot /></p>
      <p><slot name="action" /></p>
    </div>
  </div>
</template>

<style scoped>
.empty-page {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px 34px;
  padding: 18px 0;
}
svg {
  width: 220px;
  flex: none;
}
.say-it {
  max-width: 46ch;
  font-size: 16px;
}
.say-it p {
  margin-top: 8px;
}
path {
  fill: none;
  stroke: var(--stitch);
  stroke-width: 1.3;
}
.wall {
  stroke: var(--bottle);
  stroke-width: 2;
}
.yarn {
  stroke: var(--brick);
  stroke-width: 2;
}
.open {
  stroke-dasharray: 2 2;
}
.dye0 {
  fill: var(--brick);
  stroke: none;
}
.dye1 {
  fill: var(--bottle);
  stroke: none;
}
.dye2 {
  fill: var(--marigold);
  stroke: none;
}
</style>
