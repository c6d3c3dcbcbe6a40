<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import * as drawing from './drawing'
import { isTicked, typedIn } from '@/shared/ui/typed'

type Wall = NonNullable<Board['wall']>
const props = defineProps<{ board: Board; catalogue: Catalogue }>()
const emit = defineEmits<{ change: [by: (now: Board) => Board]; leave: [] }>()

const MM_PER_IN = 25.4
const unit = computed(() =>
  practiceOf(props.board.practice).imperial ? { name: 'in', mm: MM_PER_IN } : { name: 'mm', mm: 1 },
)
const asks = computed(() => props.board.requirements ?? {})
const NEUTRALS = {
  'by-code': say('drawing-board.where-the-code-requires-it'),
  every: say('drawing-board.in-every-switch-box'),
  none: 'nowhere',
} as const
const SIZES = computed(
  () =>
    [
      ['widthMm', say('drawing-board.board-width')],
      ['heightMm', 'high'],
      ['studsMm', say('drawing-board.stud-spacing-center-to-center')],
      ['firstStudMm', say('drawing-board.first-stud-from-the-left')],
    ] as const,
)

const require = (change: Board['requirements']) => emit('change', (now) => drawing.require(now, change))
const shown = (mm: number | undefined) => (mm === undefined ? '' : String(Math.round((mm / unit.value.mm) * 100) / 100))

function measure(field: keyof Wall, text: string) {
  const mm = Number(text) > 0 ? Math.round(Number(text) * unit.value.mm * 10) / 10 : undefined
  const isNeeded = field === 'widthMm' || field === 'heightMm'
  if (isNeeded && mm === undefined) return
  emit('change', (now) => ({ ...now, wall: { widthMm: 2440, heightMm: 1220, ...now.wall, [field]: mm } }))
}
</script>

<template>
  <div
    class="flex flex-wrap items-end gap-x-4 gap-y-2"
    role="group"
    :aria-label="say('drawing-board.what-this-board-has-to')"
    data-test="settings"
  >
    <label>
      {{ say('drawing-board.by') }}
      <select
        class="field w-44"
        :value="board.code"
        data-test="edition"
        @change="$emit('change', (now) => ({ ...now, code: typedIn($event) }))"
      >
        <option v-for="edition in catalogue.editions" :key="edition" :value="edition">{{ edition }}</option>
      </select>
    </label>
    <label>
      {{ say('drawing-board.wiring-method') }}
      <select
        class="field w-64"
        :value="asks.scheme ?? 'any'"
        data-test="scheme"
        @change="require({ scheme: typedIn($event) as NonNullable<Board['requirements']>['scheme'] })"
      >
        <option value="any">{{ say('drawing-board.any-that-works') }}</option>
        <option v-for="scheme in catalogue.schemes" :key="scheme.id" :value="scheme.id">{{ scheme.name }}</option>
      </select>
    </label>
    <label>
      {{ say('drawing-board.neutral') }}
      <select
        class="field w-60"
        :value="asks.neutralAtSwitches ?? 'by-code'"
        data-test="neutral-at"
        @change="require({ neutralAtSwitches: typedIn($event) as 'by-code' | 'every' | 'none' })"
      >
        <option v-for="(name, id) in NEUTRALS" :key="id" :value="id">{{ name }}</option>
      </select>
    </label>
    <label class="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        class="h-5 w-5 accent-violet"
        :checked="asks.earths !== 'none'"
        @change="require({ earths: isTicked($event) ? 'required' : 'none' })"
      />
      {{ practiceOf(board.practice).earths }}
    </label>
    <label v-for="[field, label] in SIZES" :key="field">
      {{ label }}, {{ unit.name }}
      <input
        class="field w-32"
        type="number"
        min="0"
        step="any"
        :value="shown(board.wall?.[field])"
        :data-test="field"
        @change="measure(field, typedIn($event))"
      />
    </label>
    <button type="button" class="btn px-3" @click="$emit('leave')">{{ say('shared.done') }}</button>
  </div>
</template>
