<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { useInAddress } from '@/shared/frame/useInAddress'
import SavingState from '@/shared/outbox/SavingState.vue'
import CautionNote from '@/shared/ui/CautionNote.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import FoundRows from '@/shared/as-found/FoundRows.vue'
import SpokenRows from '@/shared/as-found/SpokenRows.vue'
import { useAsFound } from './useAsFound'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ boardFile: number; number: number }>()
const found = useAsFound(props.boardFile, props.number)
const { sheet, plan, saving, toSend, failure, problems, isPlanning, load, write, fillFrom, planFrom } = found
const router = useRouter()

/** Other plans that what stands may be like. */
const { data: plans } = useLoaded(() => api.plans(props.boardFile).catch(() => null))
const others = computed(
  () =>
    plans.value?.plans.slice(1, 12).map(({ scheme, differs }, i) => ({
      name: `${scheme}${differs.length > 0 ? ` (${differs[0]})` : ''}`,
      run: () => found.fillAsPlanned(i + 1),
    })) ?? [],
)

const boxInAddress = useInAddress('box', true)
const at = computed({
  get: () => Math.max(0, sheet.value?.boxes.findIndex(({ id }) => id === boxInAddress.value) ?? 0),
  set: (i) => (boxInAddress.value = sheet.value?.boxes[i]?.id ?? ''),
})
const box = computed(() => sheet.value?.boxes[at.value] ?? null)
const goTo = (number: number) => {
  if (number >= 1 && number <= 40) void router.push({ query: number === 1 ? {} : { number: String(number) } })
}
const isSpoken = ref(false)
const countOf = (i: number) => {
  const ends = sheet.value?.boxes[i]?.rows.filter(({ isEnd }) => isEnd) ?? []
  return `${ends.filter(({ lands }) => lands !== '').length}/${ends.length}`
}

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await fillFrom(await file.text())
  input.value = ''
}
</script>

<template>
  <div class="screen">
    <TopBar :title="sheet?.title ?? say('shared.as-found')" :board="boardFile">
      <SavingState class="text-soft" :state="saving" :to-send="toSend" />
      <label class="flex items-center gap-2 whitespace-nowrap"
        >{{ say('as-found.board-no') }}
        <input
          type="number"
          min="1"
          max="40"
          class="field w-20"
          :value="number"
          data-test="number"
          @change="goTo(Number(typedIn($event)))"
      /></label>
      <button type="button" class="btn" :disabled="!found.canTakeBack.value" @click="found.takeBack">
        {{ say('shared.undo') }}
      </button>
      <RowMenu v-if="others.length > 0" :label="say('as-found.fill-in-from-another-plan')" :items="others" named />
      <button type="button" class="btn-main" data-test="as-planned" @click="found.fillAsPlanned(0)">
        {{ say('as-found.same-as-the-plan') }}
      </button>
    </TopBar>
    <LoadState v-if="!sheet || !box" :failure="failure" :what="say('as-found.the-sheet')" @again="load" />
    <main v-else class="panes grid-cols-[12rem_minmax(0,1fr)_20rem]">
      <nav
        class="min-h-0 overflow-auto border-r-2 border-ink"
        :class="{ 'max-md:hidden': isSpoken }"
        :aria-label="say('as-found.boxes')"
      >
        <button
          v-for="(one, i) in sheet.boxes"
          :key="one.id"
          type="button"
          class="flex min-h-12 w-full items-center justify-between gap-2 border-b border-line px-4 text-left"
          :class="i === at ? 'border-l-8 border-l-violet bg-wash font-bold' : ''"
          :aria-current="i === at"
          :data-box="one.id"
          @click="at = i"
        >
          {{ one.label }} <span class="code text-soft">{{ countOf(i) }}</span>
        </button>
      </nav>
      <section class="min-h-0 overflow-auto p-4" :aria-label="box.label" tabindex="0">
        <CautionNote class="mb-3" :practice="sheet.practice" :of="['hands', 'neutral']">{{
          say('as-found.write-down-where-each-conductor')
        }}</CautionNote>
        <p v-if="found.said.value" role="status" class="mb-2 border-l-3 border-violet pl-3">{{ found.said.value }}</p>
        <SpokenRows
          v-if="isSpoken"
          :boxes="sheet.boxes"
          @write="write"
          @box="(id) => (boxInAddress = id)"
          @done="isSpoken = false"
        />
        <template v-else>
          <button type="button" class="btn mb-3" data-test="one-by-one" @click="isSpoken = true">
            {{ say('as-found.one-by-one-by-number') }}
          </button>
          <FoundRows :box="box" :marks="sheet.marks" @write="write" />
        </template>
      </section>
      <aside
        class="flex min-h-0 flex-col gap-3 overflow-auto border-l-2 border-ink p-4"
        :aria-label="say('as-found.plan-from-this-board')"
      >
        <div v-if="failure" role="alert" class="border-2 border-ink p-2">
          <p>{{ failure }}</p>
          <ul class="list-disc pl-5">
            <li v-for="problem in problems" :key="problem">{{ problem }}</li>
          </ul>
        </div>
        <button type="button" class="btn" :disabled="isPlanning" @click="planFrom">
          {{ isPlanning ? say('as-found.working-it-out') : say('as-found.plan-from-this-wiring') }}
        </button>
        <label class="btn cursor-pointer focus-within:outline-3 focus-within:outline-violet">
          {{ say('as-found.from-a-wiring-file') }}
          <input type="file" accept=".json,application/json" class="sr-only" data-test="wiring-file" @change="take" />
        </label>
        <p v-if="!plan" class="text-soft">
          {{ say('as-found.the-planner-keeps-every-connection') }}
        </p>
        <template v-else>
          <div class="flex items-center gap-3" data-test="as-found">
            <VerdictMark :verdict="plan.verdict" />
            <p class="text-sm">{{ say('as-found.as-found-found', { found: plan.found }) }}</p>
          </div>
          <p class="font-bold" data-test="then">{{ say('as-found.after-the-change-then', { then: plan.then }) }}</p>
          <p v-for="note in plan.notes" :key="note" class="text-sm">{{ note }}</p>
          <ol v-if="plan.moves.length > 0" class="list-decimal pl-6" data-test="moves">
            <li v-for="(move, i) in plan.moves" :key="i" class="mb-1">{{ move }}</li>
          </ol>
          <p v-else class="font-bold">{{ say('as-found.nothing-to-change') }}</p>
        </template>
      </aside>
    </main>
  </div>
</template>
