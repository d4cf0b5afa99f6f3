<script setup lang="ts">
import { computed, ref } from 'vue'
import SegmentedChoice from '../../../kit/SegmentedChoice.vue'
import { qrOf, type QrLevel } from '../../../lib/qr'

/**
 * A QR code (ISO/IEC 18004) with its quiet zone of four squares on every side, to be saved for print.
 *
 * @prop text What it says.
 * @prop name What the file is called.
 */
const props = defineProps<{ text: string; name: string }>()

/** A square of a code saved as PNG, in px: a code of 20 mm is then printed at more than 500 dots an inch. */
const SQUARE = 14
const level = ref<QrLevel>('M')
const code = computed(() => qrOf(props.text, level.value))
const side = computed(() => code.value.side)
const squares = computed(() => code.value.squares)
const svg = computed(
  () =>
    `<svg xmlns="http://www.w3.org/2000/svg" width="20mm" height="20mm" viewBox="0 0 ${side.value} ${side.value}" shape-rendering="crispEdges"><path fill="#fff" d="M0 0h${side.value}v${side.value}H0z"/><path d="${squares.value}"/></svg>`,
)

function save(blob: Blob, ending: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = `${props.name.replace(/[^\p{L}\p{N}]+/gu, '-')}.${ending}`
  link.click()
  URL.revokeObjectURL(link.href)
}

function saveSvg(): void {
  save(new Blob([svg.value], { type: 'image/svg+xml' }), 'svg')
}

function savePng(): void {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = side.value * SQUARE
  const brush = canvas.getContext('2d')
  if (!brush) return
  brush.fillStyle = '#fff'
  brush.fillRect(0, 0, canvas.width, canvas.height)
  brush.fillStyle = '#000'
  brush.scale(SQUARE, SQUARE)
  brush.fill(new Path2D(squares.value))
  canvas.toBlob((blob) => blob && save(blob, 'png'), 'image/png')
}
</script>

<template>
  <div class="mb-2 flex flex-wrap items-start gap-4">
    <svg
      :viewBox="`0 0 ${side} ${side}`"
      width="116"
      height="116"
      role="img"
      :aria-label="`QR code of ${text}`"
      shape-rendering="crispEdges"
      class="flex-none"
      data-qr
    >
      <path fill="#fff" :d="`M0 0h${side}v${side}H0z`" />
      <path fill="#000" :d="squares" />
    </svg>
    <div class="grid min-w-0 flex-1 gap-2">
      <SegmentedChoice
        v-model="level"
        label="Still readable with this much damaged"
        :choices="[
          { value: 'L', label: '7 %' },
          { value: 'M', label: '15 %' },
          { value: 'Q', label: '25 %' },
          { value: 'H', label: '30 %' },
        ]"
      />
      <p class="flex flex-wrap gap-2">
        <button type="button" class="side-deed" @click="saveSvg">Save as SVG</button>
        <button type="button" class="side-deed" @click="savePng">Save as PNG</button>
      </p>
      <p class="text-sm text-pencil">Print it 20 mm wide or wider, with its white edge.</p>
    </div>
  </div>
</template>
