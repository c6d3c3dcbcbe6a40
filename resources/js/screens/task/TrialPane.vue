<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { TaskTrial } from '@/shared/api/generated/http'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import DataTable from '@/shared/ui/DataTable.vue'

const props = defineProps<{ trial: TaskTrial | null; isTrying: boolean; same: boolean }>()
const seat = ref(0)
const seen = computed(() => props.trial?.seats[Math.min(seat.value, props.trial.seats.length - 1)] ?? null)
const spread = computed(() => props.trial?.spread ?? null)
const range = ([least, most]: readonly [number, number]) =>
  least === most ? String(least) : say('task.least-to-most', { least, most })
const work = computed(() =>
  spread.value
    ? say('task.range-joints-rangeb-conductors', {
        range: range(spread.value.joints),
        rangeb: range(spread.value.conductors),
      })
    : '',
)
const many = (count: number) => (count >= 1_000_000 ? say('task.more-than-a-million') : count.toLocaleString('en'))
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-4 overflow-auto p-5"
    :aria-label="say('task.trial-run')"
    tabindex="0"
    data-test="trial"
  >
    <h2 class="text-xl font-bold">{{ say('task.trial-run') }}</h2>
    <p v-if="isTrying" role="status" class="text-soft">{{ say('task.working-out-every-seat') }}</p>
    <figure v-if="trial" class="flex items-center gap-4" data-test="preview">
      <div class="h-44 w-72 shrink-0 bg-face"><BoardThumb :sketch="seen?.sketch ?? trial.sketch" /></div>
      <figcaption class="grow">
        <template v-if="seen">
          <p class="flex items-center gap-2">
            <button
              type="button"
              class="btn min-h-9 px-3"
              :disabled="seat === 0"
              :aria-label="say('task.previous-seat')"
              @click="seat--"
            >
              ◂
            </button>
            <strong>{{ say('task.seat-seat-of-count', { seat: seen.seat, count: trial.seats.length }) }}</strong>
            <button
              type="button"
              class="btn min-h-9 px-3"
              :disabled="seat >= trial.seats.length - 1"
              :aria-label="say('task.next-seat')"
              @click="seat++"
            >
              ▸
            </button>
          </p>
          <p>{{ say('task.feed-at-feed-light-fed', { feed: seen.feed, light: seen.light, joints: seen.joints }) }}</p>
        </template>
        <p v-else>{{ say('task.every-seat-gets-this-board') }}</p>
      </figcaption>
    </figure>
    <template v-if="trial">
      <ul v-if="trial.problems.length > 0" role="alert" class="border-2 border-ink p-3" data-test="problems">
        <li v-for="(problem, i) in trial.problems" :key="i"><strong>!</strong> {{ problem.message }}</li>
      </ul>
      <ul v-if="trial.refusals.length > 0" role="alert" class="border-2 border-ink p-3" data-test="refusals">
        <li v-for="refusal in trial.refusals" :key="refusal">
          <strong>{{ say('task.cannot-be-set') }}</strong> {{ refusal }}
        </li>
      </ul>
      <ul v-if="trial.dropped.length > 0" role="status" data-test="dropped">
        <li v-for="notice in trial.dropped" :key="notice">{{ notice }}</li>
      </ul>
      <section v-if="spread" :aria-label="say('task.seats')">
        <h3 class="text-lg font-bold">{{ say('task.seats') }}</h3>
        <p v-if="same" data-test="spread">
          {{ say('task.every-seat-gets-the-same', { work }) }}
        </p>
        <p v-else data-test="spread">
          {{
            say('task.layouts-of-alllayouts-ways-to', {
              layouts: spread.layouts,
              allLayouts: spread.allLayouts,
              work,
              all: spread.all === 1 ? say('task.one-variant') : say('task.many-variants', { many: many(spread.all) }),
            })
          }}
        </p>
        <p v-if="spread.refusal" role="alert" class="mt-1 font-bold" data-test="refusal">! {{ spread.refusal }}</p>
        <details v-if="trial.seats.length > 0" class="mt-1">
          <summary class="min-h-9 cursor-pointer">{{ say('task.seat-by-seat') }}</summary>
          <DataTable
            :caption="say('task.seats')"
            :columns="['seat', say('task.feed-into'), say('task.light-from'), 'switches', 'joints']"
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
    </template>
    <slot />
  </section>
</template>
