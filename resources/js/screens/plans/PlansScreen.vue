<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import type { Step } from '@/shared/api/generated/http'
import BoardPane from '@/shared/board-pane/BoardPane.vue'
import { bareBench, placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import { useInAddress } from '@/shared/frame/useInAddress'
import { useOpenLeaf } from '@/shared/frame/useOpenLeaf'
import { useOpenBox } from '@/shared/frame/useOpenBox'
import { practiceOf } from '@/shared/practices'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import ConversionNotes from './ConversionNotes.vue'
import PlanChoice from './PlanChoice.vue'
import PlanNotes from './PlanNotes.vue'
import { usePlans } from './usePlans'

const props = defineProps<{ boardFile: number; scheme?: string }>()
const router = useRouter()
const planInAddress = useInAddress('plan', true)
const { list, plan, chosen, edition, busy, failure, load } = usePlans(
  () => props.boardFile,
  props.scheme,
  Number(planInAddress.value) || 0,
)
watch(chosen, (number) => (planInAddress.value = number === 0 ? '' : String(number)))

const openBox = useOpenBox()
const state = ref(0)
const tab = useOpenLeaf('leaf', ['board', 'diagram', 'figures'])
const order = ref<'boxByBox' | 'farthestFirst'>('boxByBox')
const at = ref(-1)
const steps = computed(() => plan.value?.orders[order.value] ?? [])
const standing = computed(() => {
  if (!plan.value) return bareBench
  const made: Step[] = at.value < 0 ? plan.value.standing : steps.value.slice(0, at.value).flatMap((step) => step.steps)
  return replay(made, placesOf(plan.value.board)).now
})
const pointed = computed(() => new Set(steps.value[at.value]?.places))
const none = new Map<string, readonly number[]>()

watch([plan, order], () => (at.value = -1))
watch(at, (now) => {
  const box = steps.value[now]?.box
  if (box) showBox(box)
})
function showBox(id: string) {
  openBox.value = id
  tab.value = 0
}

const notes = shallowRef<{ from: string; sentences: string[] } | null>(null)
const converting = ref(false)
const refusal = ref('')
async function convert(to: string) {
  converting.value = true
  refusal.value = ''
  try {
    await orSay(refusal, async () => {
      const from = practiceOf(list.value!.board.practice).name
      const converted = await api.convert(props.boardFile, to)
      notes.value = { from, sentences: converted.notes }
      openBox.value = null
      await router.push(`/plans/${converted.boardFile.id}`)
    })
  } finally {
    converting.value = false
  }
}
</script>

<template>
  <div class="screen">
    <TopBar :title="list?.board.title ?? say('shared.plans')" :board="boardFile">
      <RouterLink v-if="plan" :to="`/paper/${boardFile}/${chosen}`" class="btn">{{ say('plans.on-paper') }}</RouterLink>
      <RouterLink :to="`/set/${boardFile}`" class="btn-main">{{ say('plans.set') }}</RouterLink>
    </TopBar>
    <LoadState v-if="!list" :failure="failure" :what="say('plans.the-plans')" @again="load" />
    <main v-else class="panes grid-cols-[minmax(15rem,24fr)_minmax(0,46fr)_minmax(0,30fr)]">
      <PlanChoice
        v-model:chosen="chosen"
        v-model:edition="edition"
        :list="list"
        :switches="plan?.verdict.switches.length ?? 1"
        :busy="busy"
        :converting="converting"
        :refusal="refusal || failure"
        @convert="convert"
      >
        <ConversionNotes v-if="notes" :from="notes.from" :sentences="notes.sentences" @dismiss="notes = null" />
      </PlanChoice>
      <template v-if="plan">
        <BoardPane
          :key="`${boardFile} ${chosen} ${list.edition}`"
          v-model:open-box="openBox"
          v-model:state="state"
          v-model:tab="tab"
          :path-of="(lamp, wanted) => api.planPath(boardFile, chosen, lamp, wanted, list?.edition)"
          :verdict="plan.verdict"
          :practice="plan.practice"
          :board="plan.board"
          :standing="standing"
          :box-pins="none"
          :place-pins="none"
          :pointed="pointed"
          :dead="at >= 0"
        />
        <PlanNotes
          v-model:order="order"
          v-model:at="at"
          :plan="plan"
          :steps="steps"
          :board-file="boardFile"
          :number="chosen"
          :edition="list.edition"
        />
      </template>
      <section v-else-if="list.impossible" class="col-span-2 p-10" :aria-label="say('plans.no-plan')">
        <h2 class="mb-2 text-2xl font-bold">{{ say('plans.this-board-has-no-plan') }}</h2>
        <p class="max-w-2xl text-lg" data-test="impossible">{{ list.impossible }}</p>
      </section>
      <p v-else role="status" class="col-span-2 p-10 text-soft">{{ say('plans.working-out-the-plan') }}</p>
    </main>
  </div>
</template>
