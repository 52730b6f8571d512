<script setup lang="ts">
import { LineChart as Lines, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { figure } from '@/measure/units'
import { useInk } from './ink'
import { spread } from './spread'

use([Lines, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent, SVGRenderer])

/** A line over time. A band shows where it may lie, dots mark single days. */
export interface Line {
  name: string
  points: [number, number][]
  ink: 'bottle' | 'marigold' | 'brick' | 'soft'
  dashed?: boolean
  band?: [number, number, number][]
  dots?: [number, number][]
}

const props = defineProps<{
  label: string
  lines: Line[]
  xName: string
  yName: string
  yMin?: number
  yMax?: number
  xMax?: number
  xStep?: number
  decimals?: number
  wanted?: { from: number; to: number; words: string }
  /** Whether what is wanted lies along the line below instead of the one at the side. */
  wantedAcross?: boolean
  limit?: { at: number; words: string; ink?: 'brick' | 'marigold' }
  height?: number
}>()

const ink = useInk()

const AXES_PX = 62
const LEFT_PX = 52
const EDGE_PX = 2
const LABEL_PX = 14
/** How far the name at the end of each line is moved down, so that none lies over another [px]. */
const moved = computed(() => {
  const ends = props.lines.map((line, i) => ({ i, at: line.points.at(-1)?.[1] ?? 0 }))
  const all = props.lines.flatMap((line) => line.points.map(([, value]) => value))
  const low = props.yMin ?? Math.min(...all)
  const high = props.yMax ?? Math.max(...all)
  const pixels = ((props.height ?? 240) - AXES_PX) / Math.max(1e-9, high - low)
  const sorted = ends.sort((a, b) => b.at - a.at)
  const wanted = sorted.map((end) => ({ at: (high - end.at) * pixels, high: LABEL_PX }))
  const places = spread(wanted, -LABEL_PX, (high - low) * pixels + LABEL_PX)
  return new Map(sorted.map((end, k) => [end.i, (places[k] ?? 0) - (wanted[k]?.at ?? 0)]))
})

const series = computed(() =>
  props.lines.flatMap((line, index) => {
    const colour = ink.value[line.ink]
    const all: object[] = []
    if (line.band) {
      const flat = {
        type: 'line',
        silent: true,
        symbol: 'none',
        lineStyle: { opacity: 0 },
        tooltip: { show: false },
      }
      all.push(
        { ...flat, stack: `band ${index}`, data: line.band.map(([x, low]) => [x, low]) },
        {
          ...flat,
          stack: `band ${index}`,
          areaStyle: { color: colour, opacity: 0.14 },
          data: line.band.map(([x, low, high]) => [x, high - low]),
        },
      )
    }
    all.push({
      type: 'line',
      name: line.name,
      data: line.points,
      symbol: 'none',
      lineStyle: { color: colour, width: 2, type: line.dashed ? 'dashed' : 'solid' },
      itemStyle: { color: colour },
      endLabel: {
        show: props.lines.length > 1,
        formatter: line.name,
        color: colour,
        fontSize: 12.5,
        offset: [0, moved.value.get(index) ?? 0],
      },
      ...(index === 0 ? marks.value : {}),
    })
    if (line.dots) {
      all.push({
        type: 'scatter',
        name: line.name,
        data: line.dots,
        symbolSize: 6,
        itemStyle: { color: colour },
      })
    }
    return all
  }),
)

const marks = computed(() => ({
  ...(props.wanted
    ? {
        markArea: {
          silent: true,
          itemStyle: { color: ink.value.bottle, opacity: 0.1 },
          label: { show: true, position: 'insideTopLeft', color: ink.value.soft, fontSize: 12 },
          data: [
            props.wantedAcross
              ? [{ xAxis: props.wanted.from, name: props.wanted.words }, { xAxis: props.wanted.to }]
              : [{ yAxis: props.wanted.from, name: props.wanted.words }, { yAxis: props.wanted.to }],
          ],
        },
      }
    : {}),
  ...(props.limit
    ? {
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: ink.value[props.limit.ink ?? 'brick'], type: 'dashed' },
          label: {
            formatter: props.limit.words,
            position: 'insideStartBottom',
            color: props.limit.ink === 'marigold' ? ink.value.soft : ink.value.brick,
            fontSize: 12,
          },
          data: [{ yAxis: props.limit.at }],
        },
      }
    : {}),
}))

const axis = computed(() => ({
  nameTextStyle: { color: ink.value.soft, fontSize: 12.5 },
  axisLabel: { color: ink.value.soft, fontSize: 12 },
  axisLine: { lineStyle: { color: ink.value.line } },
  splitLine: { lineStyle: { color: ink.value.line, type: 'dashed', opacity: 0.5 } },
}))

const option = computed(() => ({
  animation: false,
  textStyle: { fontFamily: 'inherit' },
  grid: { left: LEFT_PX, right: props.lines.length > 1 ? 96 : 24, top: 30, bottom: 42 },
  tooltip: {
    trigger: 'axis',
    valueFormatter: (value: unknown) => figure(Number(value), props.decimals ?? 1),
  },
  xAxis: {
    type: 'value',
    name: props.xName,
    nameLocation: 'middle',
    nameGap: 26,
    max: props.xMax,
    interval: props.xStep,
    ...axis.value,
    splitLine: { show: false },
  },
  yAxis: {
    type: 'value',
    name: props.yName,
    min: props.yMin,
    max: props.yMax,
    ...axis.value,
    // from the left edge on, however long it is; about the axis, the beginning of a long name would be cut
    nameTextStyle: { ...axis.value.nameTextStyle, align: 'left', padding: [0, 0, 0, EDGE_PX - LEFT_PX] },
  },
  series: series.value,
}))
</script>

<template>
  <div role="img" :aria-label="label">
    <VChart
      :option="option"
      :init-options="{ renderer: 'svg' }"
      :update-options="{ notMerge: true }"
      autoresize
      :style="{ height: `${height ?? 240}px` }"
    />
  </div>
</template>
