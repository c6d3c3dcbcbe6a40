<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { AttackedBoard, TaskTrial } from '@/shared/api/types'
import StandingBoard from '@/shared/board-pane/StandingBoard.vue'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import DataTable from '@/shared/ui/DataTable.vue'

const props = defineProps<{ trial: TaskTrial | null; isTrying: boolean }>()
const opened = ref<AttackedBoard | null>(null)
const openBox = ref<string | null>(null)
watch(
  () => props.trial,
  () => (opened.value = null),
)
const spread = computed(() => props.trial?.spread ?? null)
const attack = computed(() => props.trial?.attack ?? null)
const standing = computed(() =>
  props.trial?.board && opened.value ? replay(opened.value.standing, placesOf(props.trial.board)).now : null,
)
const many = (count: number) => (count >= 1_000_000 ? 'more than a million' : String(count))
const LISTS = [
  ['passing', 'These would still pass'],
  ['losing', 'These right wirings would lose marks'],
] as const
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-4 overflow-auto p-5"
    aria-label="Tried before it is used"
    tabindex="0"
    data-test="trial"
  >
    <h2 class="text-xl font-bold">Tried before it is used</h2>
    <p v-if="isTrying" role="status" class="text-soft">Trying every mistake and every seat …</p>
    <template v-if="trial">
      <ul v-if="trial.problems.length > 0" role="alert" class="border-2 border-ink p-3" data-test="problems">
        <li v-for="(problem, i) in trial.problems" :key="i"><strong>!</strong> {{ problem.message }}</li>
      </ul>
      <section v-if="spread" aria-label="Seats">
        <h3 class="text-lg font-bold">Seats</h3>
        <p data-test="spread">
          {{ spread.layouts }} of {{ spread.allLayouts }} ways to lay this board out are equal work ({{
            spread.joints.join(' to ')
          }}
          joints, {{ spread.conductors.join(' to ') }} conductors); with faces, labels and colors
          {{ many(spread.all) }} variants.
        </p>
        <p v-if="spread.refusal" role="alert" class="mt-1 font-bold" data-test="refusal">! {{ spread.refusal }}</p>
        <details v-if="trial.seats.length > 0" class="mt-1">
          <summary class="min-h-9 cursor-pointer">Seat by seat</summary>
          <DataTable
            caption="Seats"
            :columns="['seat', 'feed into', 'light from', 'switches', 'joints']"
            :rows="
              trial.seats.map(({ seat, feed, light, order, joints }) => [
                String(seat),
                feed,
                light,
                order,
                String(joints),
              ])
            "
          />
        </details>
      </section>
      <section v-if="attack" aria-label="Attack">
        <h3 class="text-lg font-bold">Attacked</h3>
        <p data-test="attack">
          {{ attack.mistakes }} usual mistakes{{
            attack.hasPairs ? ', singly and in twos' : ' (singly: the board is too large for twos)'
          }}:
          {{ attack.passingCount === 0 ? 'none would pass.' : `${attack.passingCount} would still pass.` }}
          {{ attack.oddities }} odd-looking right wirings:
          {{ attack.losingCount === 0 ? 'none loses a mark.' : `${attack.losingCount} would lose marks.` }}
        </p>
        <template v-for="[name, title] in LISTS" :key="name">
          <details v-if="attack[name].length > 0" class="mt-1" :data-list="name">
            <summary class="min-h-9 cursor-pointer font-bold">{{ title }} ({{ attack[`${name}Count`] }})</summary>
            <ul class="divide-y divide-line">
              <li v-for="(item, i) in attack[name]" :key="i" class="flex items-center gap-3 py-1">
                <span class="code w-20 shrink-0">{{ item.got }} of {{ item.total }}</span>
                <span class="grow">{{ item.text }}</span>
                <button type="button" class="btn min-h-9 px-3 text-sm" @click="opened = item">On the board</button>
              </li>
            </ul>
          </details>
        </template>
        <div
          v-if="opened && standing && trial.board"
          class="mt-3 flex h-[28rem] flex-col border-2 border-ink"
          data-test="opened"
        >
          <p class="flex items-center gap-3 border-b border-line p-2">
            <span class="grow font-bold">{{ opened.text }}</span>
            <button type="button" class="btn min-h-9 px-3 text-sm" @click="opened = null">Close</button>
          </p>
          <StandingBoard v-model="openBox" class="grow" :board="trial.board" :standing="standing"
            >{{ opened.got }} of {{ opened.total }} points.</StandingBoard
          >
        </div>
      </section>
    </template>
  </section>
</template>
