<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { DescribedChange } from '@nolvex/core/review/versions/describeChanges'
import TroubleNote from '../forms/TroubleNote.vue'
import ApproveForm from './ApproveForm.vue'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { useStages } from '../stages/useStages'
import type { Version } from '../session/api'
import { useVersions } from './versionStore'

/** Versions of the project: kept by name, compared, restored; and gates, the stages approved so far. */
const store = useVersions()
const { inProfile } = useStages()
const stage = ref<string>()
const from = ref<string>()
const to = ref<string>()
const differences = ref<DescribedChange[]>()
const trouble = ref('')

const choices = computed(() => Object.fromEntries(store.versions.map(({ id, name }) => [id, name])))
const stageChoices = computed(() =>
  Object.fromEntries(inProfile.value.map(({ name, label }) => [name, label])),
)
const labelOf = (name: string) => stageChoices.value[name] ?? name
const day = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

async function approveStage(by: string[]) {
  if (!stage.value) return false
  return store.keep({ name: `${labelOf(stage.value)} approved`, gate: { stage: stage.value, by } })
}

watch([from, to, () => store.versions], async () => {
  differences.value = undefined
  trouble.value = ''
  if (!from.value || !choices.value[from.value]) return
  try {
    differences.value = await store.compare(from.value, to.value)
  } catch (error) {
    trouble.value = (error as Error).message
  }
})

const approvers = ({ approvals }: Version) => approvals.map(({ name }) => name).join(', ')
const gateSince = ({ id, stage: name }: Version) =>
  name && store.gates[name]?.version.id === id ? store.gates[name].since : undefined
</script>

<template>
  <aside class="side-panel versions" aria-label="Versions and gates">
    <h2>Versions and gates</h2>
    <TroubleNote :says="store.trouble" />
    <h3>Keep what there is now</h3>
    <AddLine
      label="Name of the version"
      placeholder="First proposal"
      :max="200"
      @add="store.keep({ name: $event })"
    />
    <h3>Approve a stage</h3>
    <ApproveForm label="By whom" words="Approve" :disabled="!stage" :approve="approveStage">
      <ChoiceField
        label="Stage"
        :value="stage"
        :choices="stageChoices"
        none="Choose"
        @change="stage = $event"
      />
    </ApproveForm>
    <p class="soft small">Until there are accounts, names are typed and marked as unverified.</p>
    <h3>Kept</h3>
    <p v-if="store.versions.length === 0" class="soft">
      Nothing kept yet. Keep one before you show it to anybody.
    </p>
    <ul>
      <li v-for="version in store.versions" :key="version.id">
        <b>{{ version.name }}</b>
        <span class="soft">{{ day(version.createdAt) }}</span>
        <span v-if="version.stage" class="soft">{{ approvers(version) }} (unverified)</span>
        <template v-if="gateSince(version)">
          <span v-if="gateSince(version)?.length" class="since">
            {{ gateSince(version)?.length === 1 ? '1 change' : `${gateSince(version)?.length} changes` }}
            since
            <ul>
              <li v-for="(one, index) in gateSince(version)?.slice(0, 12)" :key="index">{{ one.says }}</li>
              <li v-if="(gateSince(version)?.length ?? 0) > 12">
                and {{ (gateSince(version)?.length ?? 0) - 12 }} more
              </li>
            </ul>
          </span>
          <span v-else class="well">Nothing changed since</span>
        </template>
        <span class="do">
          <ElButton link @click="store.restore(version)">Restore</ElButton>
          <ElButton link @click="((from = version.id), (to = undefined))">Compare</ElButton>
          <ElButton link :aria-label="`Forget ${version.name}`" @click="store.forget(version.id)">
            Forget
          </ElButton>
        </span>
        <AddLine
          v-if="version.stage"
          label="Another who approves"
          placeholder="Another who approves"
          :max="200"
          @add="store.approve(version.id, $event)"
        />
      </li>
    </ul>
    <template v-if="store.versions.length">
      <h3>Compare</h3>
      <div class="two">
        <ChoiceField label="From" :value="from" :choices="choices" none="Choose" @change="from = $event" />
        <ChoiceField label="To" :value="to" :choices="choices" none="Now" @change="to = $event" />
      </div>
      <TroubleNote :says="trouble" />
      <p v-if="differences?.length === 0" class="soft">They are alike.</p>
      <ul v-else-if="differences" class="differences">
        <li v-for="(one, index) in differences.slice(0, 300)" :key="index">
          <span class="soft">{{ one.about }}</span> {{ one.says }}
        </li>
        <li v-if="differences.length > 300" class="soft">and {{ differences.length - 300 }} more</li>
      </ul>
    </template>
  </aside>
</template>

<style scoped>
.versions {
  width: 304px;
}
h3 {
  margin-top: 8px;
}
.two {
  display: grid;
  gap: 6px;
}
.two {
  grid-template-columns: 1fr 1fr;
}
.small {
  font-size: 12px;
  line-height: 16px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  gap: 2px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}
.since {
  color: var(--ochre-text);
}
.since li {
  padding: 0;
  border: 0;
  color: var(--ink);
}
.well {
  color: var(--pine);
}
.do {
  display: flex;
  gap: 12px;
}
.differences li {
  display: block;
  padding: 2px 0;
}
</style>
