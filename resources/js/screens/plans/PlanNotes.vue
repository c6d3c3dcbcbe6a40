<script setup lang="ts">
import { say } from '@/shared/words/say'
import { TabGroup, TabPanel, TabPanels } from '@headlessui/vue'
import type { OrderStep, PlanData } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import StepThrough from '@/shared/ui/StepThrough.vue'
import TabHeads from '@/shared/ui/TabHeads.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import CoreRoles from './CoreRoles.vue'

defineProps<{ plan: PlanData; steps: readonly OrderStep[] }>()
const order = defineModel<'boxByBox' | 'farthestFirst'>('order', { required: true })
const at = defineModel<number>('at', { required: true })
</script>

<template>
  <section class="flex min-h-0 flex-col border-l-2 border-ink" :aria-label="say('plans.the-plan')">
    <div class="flex items-center gap-3 border-b border-line p-3">
      <VerdictMark :verdict="plan.verdict.verdict" />
      <p class="text-sm" data-test="headline">{{ plan.verdict.headline }}</p>
    </div>
    <TabGroup>
      <TabHeads :names="[say('plans.steps'), say('plans.conductors')]" />
      <TabPanels class="min-h-0 grow overflow-auto p-3" tabindex="0">
        <TabPanel :tabindex="-1" data-test="steps">
          <label class="flex items-center gap-2 text-soft">
            {{ say('plans.order') }}
            <select v-model="order" class="field min-h-9 w-auto" data-test="order">
              <option v-for="(name, key) in practiceOf(plan.practice).orders" :key="key" :value="key">
                {{ name }}
              </option>
            </select>
          </label>
          <StepThrough
            v-model="at"
            :steps="steps"
            :first="say('plans.start-with-a-bare-board')"
            :done="say('plans.see-the-finished-board')"
          />
        </TabPanel>
        <TabPanel :tabindex="-1"><CoreRoles :cables="plan.cores" /></TabPanel>
      </TabPanels>
    </TabGroup>
    <p class="flex gap-2 border-t-2 border-ink p-3 text-sm">
      <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ plan.verdict.caution }}
    </p>
  </section>
</template>
