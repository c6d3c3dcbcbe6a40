<script setup lang="ts">
import { say } from '@/shared/words/say'
import { TabGroup, TabPanel, TabPanels } from '@headlessui/vue'
import { computed } from 'vue'
import type { Debrief, GradeData, SetAsideStep, VerdictData } from '@/shared/api/generated/http'
import TabHeads from '@/shared/ui/TabHeads.vue'
import MarkLines from '@/shared/marks/MarkLines.vue'
import DebriefNotes from './DebriefNotes.vue'
import FindingList from './FindingList.vue'
import NearestPlanSteps from './NearestPlanSteps.vue'
import RepairSteps from './RepairSteps.vue'
import SetAsideSteps from './SetAsideSteps.vue'

const props = defineProps<{
  verdict: VerdictData
  numbers: ReadonlyMap<number, number>
  labelOf: (box: string) => string
  setAside: readonly SetAsideStep[]
  /** Of a board that was set with a task. */
  mark: GradeData | null
  debrief: Debrief | null
  attempt: number
  mayPrint: boolean
}>()
defineEmits<{ show: [box: string] }>()
const tab = defineModel<number>('tab', { required: true })
const move = defineModel<number>('move', { required: true })
const way = defineModel<number>('way', { required: true })

const tabs = computed(() => [
  say('verdict.what-is-wrong'),
  say('verdict.put-it-right'),
  say('verdict.nearest-plan'),
  ...(props.mark ? [say('verdict.mark')] : []),
  ...(props.debrief ? [say('verdict.debrief')] : []),
])
</script>

<template>
  <TabGroup
    as="section"
    class="flex min-h-0 flex-col border-l-2 border-ink"
    :aria-label="say('verdict.findings')"
    :selected-index="tab"
    @change="tab = $event"
  >
    <TabHeads :names="tabs" />
    <TabPanels class="min-h-0 grow overflow-auto p-3" tabindex="0">
      <TabPanel :tabindex="-1">
        <FindingList
          :findings="verdict.findings"
          :numbers="numbers"
          :label-of="labelOf"
          :cited="verdict.cited"
          @show="(box) => $emit('show', box)"
        />
        <p class="mt-3 flex gap-2 border-t-2 border-ink pt-3 text-sm">
          <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ verdict.caution }}
        </p>
        <SetAsideSteps :steps="setAside" />
      </TabPanel>
      <TabPanel :tabindex="-1"><RepairSteps v-model="move" v-model:way="way" :repair="verdict.repair" /></TabPanel>
      <TabPanel :tabindex="-1"
        ><NearestPlanSteps :nearest="verdict.nearest" @show="(box) => $emit('show', box)"
      /></TabPanel>
      <TabPanel v-if="mark" :tabindex="-1"><MarkLines :mark="mark" /></TabPanel>
      <TabPanel v-if="debrief" :tabindex="-1"
        ><DebriefNotes :debrief="debrief" :attempt="attempt" :may-print="mayPrint"
      /></TabPanel>
    </TabPanels>
  </TabGroup>
</template>
